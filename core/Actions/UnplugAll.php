<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** Everything on a circuit unplugged. */
final readonly class UnplugAll extends Action
{
    public static function name(): string
    {
        return 'unplug_all';
    }

    public static function places(): array
    {
        return ['circuit' => ['circuit']];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->circuit !== null && $now->pluggedOn($now->house->circuit($at->circuit)) !== [];
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::ids('tripped')];
    }

    public function minutes(): float
    {
        return 4.0;
    }

    public function takesAway(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        foreach ($condition->plugged as $id => $at) {
            if ($at !== null && $this->isOnIt($feeds, $at)) {
                $condition->plugged[$id] = null;
            }
        }

        return false;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        foreach ($feeds->house->appliances as $appliance) {
            if ($appliance->at !== null && $this->isOnIt($feeds, $appliance->at)) {
                $home->unplugs($appliance);
            }
        }
    }

    public function act(Simulation $in): Reading
    {
        return new Reading(['tripped' => $in->did($this)]);
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [new Offer('Done', ['tripped' => []], Outcome::holds())];
    }

    public function done(Places $places): string
    {
        return "Unplug everything on {$places->spot($this->at)}";
    }

    private function isOnIt(FeedMap $feeds, string $point): bool
    {
        return $feeds->feed($feeds->house->point($point))->circuit?->id === $this->at->circuit;
    }
}

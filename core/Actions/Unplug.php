<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Condition;

/** An appliance unplugged. */
final readonly class Unplug extends WithAppliance
{
    public static function name(): string
    {
        return 'unplug';
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return $now->where($thing) !== null && $now->hasPlug($thing);
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public function takesAway(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->plugged[$this->id()] = null;

        return false;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->unplugs($appliance);
        }
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [new Offer('Done', ['tripped' => []], Outcome::holds())];
    }

    public function done(Places $places): string
    {
        return "Unplug {$places->spot($this->at)}";
    }
}

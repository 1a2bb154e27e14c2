<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Condition;

/** An appliance switched off. */
final readonly class SwitchOff extends WithAppliance
{
    public static function name(): string
    {
        return 'switch_off';
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return $now->runs($thing);
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
        $condition->running[$this->id()] = false;

        return false;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->leaves($appliance, 'Leave the ' . self::lower($appliance) . ' switched off.');
        }
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [new Offer('Done', ['tripped' => []], Outcome::holds())];
    }

    public function done(Places $places): string
    {
        return "Switch off {$places->spot($this->at)}";
    }
}

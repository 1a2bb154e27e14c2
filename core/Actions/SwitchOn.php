<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** An appliance switched on. */
final readonly class SwitchOn extends WithAppliance
{
    /** So often one thing is switched on again, to have what comes and goes show. */
    private const AGAIN = 4;

    public static function name(): string
    {
        return 'switch_on';
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return ! $now->runs($thing);
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->unplugged() as $appliance) {
            if (! $now->runs($appliance) && ($appliance->watts ?? 0.0) > 0.0) {
                $at = new Spot(appliance: $appliance->id);
                yield [new Plug($at), new self($at)];
            }
        }
        foreach ($now->plugged() as [$appliance, $where]) {
            $on = new self(new Spot(appliance: $appliance->id));
            if ($now->openTo($where) === [] && $now->timesDone($on) < self::AGAIN) {
                yield $now->runs($appliance) ? [new SwitchOff($on->at), $on] : [$on];
            }
        }
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function energises(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->running[$this->id()] = true;

        return true;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->leaves($appliance, null);
        }
    }

    public function done(Places $places): string
    {
        return "Switch on {$places->spot($this->at)}";
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** Pairs that sit on the wrong end are landed where they belong. */
final class Relanded implements Cure
{
    public static function cures(): array
    {
        return ['reversed_line_load', 'split_pair', 'multiwire_neutral', 'lights_beyond_load'];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        if ($point === null) {
            return;
        }
        if ($of->finding->id === 'multiwire_neutral') {
            yield new Remedy(
                "Splice the neutrals at {$point->code} and run a pigtail to the device.",
                [Step::atPoint($point->id, Task::Rewire, Item::Pigtail)],
                self::landed($of->house, $point, fn(Cable $cable, Landing $is): Landing => new Landing($is->hot, Land::Splice)),
            );

            return;
        }
        if ($of->finding->id === 'lights_beyond_load') {
            yield from self::pastTheDevice($of, $point);

            return;
        }
        foreach ([Land::Load, Land::Line] as $goesOn) {
            yield new Remedy(
                $of->finding->id === 'split_pair'
                    ? "Put hot and neutral of each cable at {$point->code} on one end."
                    : "Move the feed of {$point->code} to LINE" . ($goesOn === Land::Load ? ', and what goes on to LOAD.' : '.'),
                [Step::atPoint($point->id, Task::Rewire)],
                self::fedOnLine(self::landed(
                    $of->house,
                    $point,
                    fn(Cable $cable, Landing $is): Landing => $of->finding->id === 'split_pair' && ! $is->isMixed()
                        ? $is
                        : Landing::both($goesOn),
                ), $point),
            );
        }
    }

    /** @return iterable<Remedy> what leads to a light leaves the device that watches it on LINE */
    private static function pastTheDevice(Ailment $of, Point $light): iterable
    {
        foreach ($of->feeds->runTo($light) as $cable) {
            if ($cable->from instanceof CableEnd && $cable->from->land()->isLoad()) {
                yield new Remedy(
                    "Move what goes on to {$light->code} to LINE at {$of->house->point($cable->from->point)->code}.",
                    [Step::atPoint($cable->from->point, Task::Rewire)],
                    $of->house->withCable($cable->with(from: $cable->from->with(land: Landing::both(Land::Line)))),
                );
            }
        }
    }

    /** @param \Closure(Cable, Landing): Landing $as how what leaves the point is landed */
    private static function landed(House $house, Point $point, \Closure $as): House
    {
        return $house->with(cables: array_map(
            fn(Cable $cable): Cable => $cable->from instanceof CableEnd && $cable->from->point === $point->id && $cable->isConnected()
                ? $cable->with(from: $cable->from->with(land: $as($cable, $cable->from->land())))
                : $cable,
            $house->cables,
        ));
    }

    private static function fedOnLine(House $house, Point $point): House
    {
        return $house->with(cables: array_map(
            fn(Cable $cable): Cable => $cable->to->point === $point->id && $cable->isConnected() && ! $cable->landingAtEnd()->isLineSide()
                ? $cable->with(to: $cable->to->with(land: Landing::both(Land::Line)))
                : $cable,
            $house->cables,
        ));
    }
}

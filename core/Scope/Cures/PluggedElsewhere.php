<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** What draws or leaks too much goes to another outlet of its room, on another circuit or device; what no device holds is mended. */
final class PluggedElsewhere implements Cure
{
    public static function cures(): array
    {
        return ['leakage_over_budget', 'overloaded', 'voltage_drop', 'device_under_load'];
    }

    public static function ways(Ailment $of): iterable
    {
        foreach (self::pluggedIn($of) as $appliance) {
            $from = $of->house->point((string) $appliance->at);
            if ($of->finding->id === 'leakage_over_budget' && $appliance->leaks()->milliamperes() >= Tripping::HOLDS_MA) {
                yield new Remedy(
                    "{$appliance->name} leaks more than any device holds: clamp it, and have it mended or replaced.",
                    [Step::atPoint($from->id, Task::Look)],
                    $of->house,
                    true,
                );
            } elseif ($from->isReceptacle() && ! $of->house->isHeavy($appliance)) {
                yield from self::carried($of, $appliance, $from);
            }
        }
    }

    /** @return iterable<Remedy> */
    private static function carried(Ailment $of, Appliance $appliance, Point $from): iterable
    {
        foreach ($of->house->points as $to) {
            if ($to->area === $from->area && $to->isReceptacle() && self::behind($to, $of->feeds) !== self::behind($from, $of->feeds)) {
                yield new Remedy(
                    "Plug {$appliance->name} in at {$to->code} and not at {$from->code}.",
                    [Step::atPoint($to->id, Task::PlugElsewhere)],
                    $of->house->withAppliance($appliance->with(at: $to->id)),
                );
            }
        }
    }

    /** @return list<Appliance> */
    private static function pluggedIn(Ailment $of): array
    {
        $by = [$of->point?->id, $of->circuit()?->id];

        return array_values(array_filter($of->house->appliances, fn(Appliance $one): bool => $one->at !== null
            && array_intersect($by, self::behind($of->house->point($one->at), $of->feeds)) !== []));
    }

    /** @return list<string> ids of what carries an outlet's current, or watches it: devices and its circuit */
    private static function behind(Point $outlet, FeedMap $feeds): array
    {
        $guards = array_map(fn(Guard $guard): string => $guard->id(), $feeds->guards($outlet, Protection::Gfci));

        return [...$guards, (string) $feeds->feed($outlet)->circuit?->id];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** How protection is arranged anew cannot be said while nobody knows what feeds an outlet: its feed is traced first. */
final class TracedFirst implements Cure
{
    public static function cures(): array
    {
        return Replanned::cures();
    }

    public static function ways(Ailment $of): iterable
    {
        $untraced = array_values(array_filter($of->points(), fn(Point $point): bool => $of->feeds->feed($point)->circuit === null));
        if ($untraced !== []) {
            yield new Remedy(
                'Trace what feeds ' . implode(', ', array_map(fn(Point $point): string => $point->code, $untraced)) . '.',
                array_map(fn(Point $point): Step => Step::atPoint($point->id, Task::Look), $untraced),
                $of->house,
                true,
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;

/** Damaged insulation that arcs, whatever flows. */
final readonly class ParallelArc extends Arc
{
    public static function name(): string
    {
        return 'parallel_arc';
    }

    public static function frequencies(): array
    {
        return [new Frequency(
            'cable',
            0.004,
            'Damaged insulation of a cable arcs',
        ), new Frequency('point', 0.005, 'Damaged insulation in a box arcs')];
    }

    public function arcsFromAmps(): float
    {
        return 0.0;
    }

    public function spoken(Places $places): string
    {
        return 'damaged insulation that arcs ' . ($this->at->cable !== null ? 'in ' : 'at ') . $places->spot($this->at);
    }

    public function repair(Places $places): array
    {
        return [self::dead($this->end($places)), 'Find the damage; cut back or replace the cable.'];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** An id for a new part that nothing in the house has yet, as like the one wished for as can be. */
final readonly class FreeId
{
    /** @param list<string> $alsoTaken */
    public static function in(House $house, string $wished, array $alsoTaken = []): string
    {
        $fixtures = array_merge(
            ...array_map(fn(Area $area): array => array_map(fn(Fixture $f): string => $f->id, $area->fixtures()), $house->areas),
        );
        $taken = array_flip([
            ...array_column($house->areas, 'id'), ...array_column($house->panels, 'id'), ...array_column($house->circuits, 'id'),
            ...array_column($house->points, 'id'),
            ...array_column($house->cables, 'id'), ...array_column($house->appliances, 'id'), ...$fixtures, ...$alsoTaken,
        ]);
        $id = mb_substr($wished, 0, 70);
        for ($n = 2; isset($taken[$id]); ++$n) {
            $id = mb_substr($wished, 0, 70) . "-$n";
        }

        return $id;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * An id for a new part that nothing in the house has yet, as like the one wished for as can be. Where a command of its own id is carried
 * out, the part's id comes from that: it is the same on the phone that did it without a signal and on the server, whatever was added there
 * meanwhile.
 */
final readonly class FreeId
{
    private const SEED_CHARACTERS = 10;

    /**
     * @param list<string> $alsoTaken
     * @param string|null $stem in the place of a wish that rests on what else is in the house, as a location code does
     */
    public static function in(House $house, string $wished, array $alsoTaken = [], ?string $stem = null): string
    {
        if ($house->seed !== null) {
            $wished = mb_substr($stem ?? $wished, 0, 50) . '-' . substr(hash('sha256', $house->seed), 0, self::SEED_CHARACTERS);
        }
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

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Point;
use Bouclier\Core\Records\Records;

/** Boxes opened, taken apart and made up again, as `records.boxes` of the house file: the last word on each counts. */
final class OpenBoxes
{
    public const LIST = 'boxes';

    /** @return array<OpenedBox> by point id, those made up left out */
    public static function in(House $house): array
    {
        $boxes = [];
        foreach (Records::of($house, self::LIST) as $entry) {
            $state = BoxState::tryFrom(is_string($entry->state ?? null) ? $entry->state : '');
            $point = is_string($entry->point ?? null) && $house->hasPoint($entry->point) ? $house->point($entry->point) : null;
            if ($state !== null && $point !== null) {
                $boxes[$point->id] = new OpenedBox(
                    $point,
                    $state,
                    is_string($entry->at_time ?? null) ? $entry->at_time : null,
                    is_string($entry->who ?? null) ? $entry->who : null,
                );
            }
        }

        return array_filter($boxes, fn(OpenedBox $box): bool => $box->state->isOpen());
    }

    /** @param string $at ISO 8601 */
    public static function noted(House $house, Point $point, BoxState $state, string $who, string $at): House
    {
        return Records::added(
            $house,
            self::LIST,
            (object) ['at_time' => $at, 'who' => $who, 'point' => $point->id, 'state' => $state->value],
        );
    }

    /** What an observation says of the box it was made in: its pairs counted, it is open; one of them read, they are apart. */
    public static function observed(House $house, \stdClass $seen, string $who, string $at): House
    {
        $point = is_string($seen->point ?? null) && $house->hasPoint($seen->point) ? $house->point($seen->point) : null;
        if ($point === null) {
            return $house;
        }
        $now = self::in($house)[$point->id]->state ?? null;
        $by = PairMeans::tryFrom(is_string($seen->by ?? null) ? $seen->by : '');
        $state = match ($seen->kind ?? null) {
            'open' => $now ?? BoxState::Opened,
            'pair' => $by?->isRead() === true && $now !== BoxState::Capped ? BoxState::Apart : $now,
            default => $now,
        };

        return $state === null || $state === $now ? $house : self::noted($house, $point, $state, $who, $at);
    }

    /**
     * Boxes as the tests of a call leave them.
     *
     * @param list<Action> $actions
     */
    public static function tested(House $house, array $actions, string $who, string $at): House
    {
        foreach ($actions as $action) {
            foreach ($action->leavesBoxes($house) as $point => $state) {
                $now = self::in($house)[$point]->state ?? BoxState::MadeUp;
                // A look into a box that is apart leaves it apart.
                if ($state !== $now && ! ($state === BoxState::Opened && $now->isOpen())) {
                    $house = self::noted($house, $house->point((string) $point), $state, $who, $at);
                }
            }
        }

        return $house;
    }
}

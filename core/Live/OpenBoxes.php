<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** Boxes opened, taken apart and made up again, as `records.boxes` of the house file: the last word on each counts. */
final class OpenBoxes
{
    /** @return array<OpenedBox> by point id, those made up left out */
    public static function in(House $house): array
    {
        $boxes = [];
        foreach ($house->entries->all(BoxNoted::class) as $noted) {
            if ($house->hasPoint($noted->point)) {
                $boxes[$noted->point] = new OpenedBox($house->point($noted->point), $noted->state, $noted->atTime, $noted->who);
            }
        }

        return array_filter($boxes, fn(OpenedBox $box): bool => $box->state->isOpen());
    }

    /** @param string $at ISO 8601 */
    public static function noted(House $house, Point $point, BoxState $state, string $who, string $at): House
    {
        return $house->withEntry(new BoxNoted($point->id, $state, $at, $who));
    }

    /** What an observation says of the box it was made in: its pairs counted, it is open; one of them read, they are apart. */
    public static function observed(House $house, Seen $seen, string $who, string $at): House
    {
        $point = $seen->point !== null && $house->hasPoint($seen->point) ? $house->point($seen->point) : null;
        if ($point === null) {
            return $house;
        }
        $now = self::in($house)[$point->id]->state ?? null;
        $state = match ($seen->kind) {
            SeenKind::Open => $now ?? BoxState::Opened,
            SeenKind::Pair => $seen->by?->isRead() === true && $now !== BoxState::Capped ? BoxState::Apart : $now,
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

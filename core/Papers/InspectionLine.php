<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;

/** One finding of an inspection with its evidence: what was written, what shows that it is done, a photograph before and one after. */
final readonly class InspectionLine
{
    private function __construct(
        public OpenItem $item,
        public ?Point $point,
        public ?Photo $before,
        public ?Photo $after,
    ) {
    }

    /** @return list<self> of all that somebody asked for, those still open first */
    public static function all(House $house): array
    {
        $lines = array_map(function (OpenItem $item) use ($house): self {
            $point = $item->point !== null && $house->hasPoint($item->point) ? $house->point($item->point) : null;
            $photos = array_values(array_filter(
                $house->entries->all(Photo::class),
                fn(Photo $photo): bool => $point !== null && $photo->point === $point->id,
            ));
            $is = fn(bool $isBefore): array => array_values(array_filter(
                $photos,
                fn(Photo $photo): bool => self::isBefore($photo, $item) === $isBefore,
            ));

            return new self($item, $point, array_slice($is(true), -1)[0] ?? null, array_slice($is(false), -1)[0] ?? null);
        }, array_values(array_filter($house->entries->all(OpenItem::class), fn(OpenItem $item): bool => $item->source !== null)));
        usort($lines, fn(self $one, self $other): int => $other->item->isOpen() <=> $one->item->isOpen());

        return $lines;
    }

    /** As it is noted to be; else by whether the finding was there when it was taken. Null of one taken after it was closed. */
    private static function isBefore(Photo $photo, OpenItem $item): ?bool
    {
        $text = mb_strtolower($photo->text ?? '');
        $taken = Moment::seconds($photo->atTime) ?? 0;

        return match (true) {
            $taken > (Moment::seconds($item->closedAt) ?? PHP_INT_MAX) => null,
            str_starts_with($text, 'before') => true,
            str_starts_with($text, 'after') => false,
            default => $taken <= (Moment::seconds($item->atTime) ?? 0),
        };
    }
}

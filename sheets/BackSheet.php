<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Box\BackEnd;
use Bouclier\Core\Box\BackToBack;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairMove;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;

/**
 * Old back to new back: each wire with where it sat and where it goes.
 *
 * @phpstan-type BackPlace array{land: value-of<Land>, end: value-of<BackEnd>|null, hot: string, neutral: string}
 * @phpstan-type Move array{
 *     name: string|null,
 *     tag: string|null,
 *     old: BackPlace|null,
 *     new: BackPlace|null,
 *     changesEnd: bool,
 *     objection: string|null,
 * }
 */
final class BackSheet
{
    /**
     * @param array<Land> $sat
     *
     * @return list<Move>
     */
    public static function of(House $house, Point $point, array $sat, DeviceBack $old, DeviceBack $new): array
    {
        $feeds = new FeedMap($house);
        $pairs = (new OpenBox($house, $feeds, $point))->pairs();

        return array_map(fn(PairMove $move): array => [
            'name' => $move->pair->name,
            'tag' => Tag::of($feeds, $move->pair),
            'old' => self::place($move->old, $old),
            'new' => self::place($move->new, $new),
            'changesEnd' => $move->changesEnd,
            'objection' => $move->objection,
        ], BackToBack::moves($pairs, $sat, $old, $new));
    }

    /** @return BackPlace|null */
    private static function place(?Land $land, DeviceBack $back): ?array
    {
        return $land === null ? null : [
            'land' => $land->value,
            'end' => $back->end($land)?->value,
            'hot' => $back->place($land, true),
            'neutral' => $back->place($land, false),
        ];
    }
}

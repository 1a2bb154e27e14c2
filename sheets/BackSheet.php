<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Box\BackToBack;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairMove;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;

/** Old back to new back: each wire with where it sat and where it goes. */
final class BackSheet
{
    /**
     * @param array<Land> $sat
     *
     * @return list<array<string, mixed>>
     */
    public static function of(House $house, Point $point, array $sat, DeviceBack $old, DeviceBack $new): array
    {
        $feeds = new FeedMap($house);
        $pairs = (new OpenBox($house, $feeds, $point))->pairs();
        $place = fn(?Land $land, DeviceBack $back, bool $hot): ?string => $land === null ? null : $back->place($land, $hot);

        return array_map(fn(PairMove $move): array => [
            'name' => $move->pair->name,
            'tag' => Tag::of($feeds, $move->pair),
            'old' => $move->old === null
                ? null
                : [
                    'land' => $move->old->value,
                    'end' => $old->end($move->old)?->value,
                    'hot' => $place($move->old, $old, true),
                    'neutral' => $place($move->old, $old, false),
                ],
            'new' => $move->new === null
                ? null
                : [
                    'land' => $move->new->value,
                    'end' => $new->end($move->new)?->value,
                    'hot' => $place($move->new, $new, true),
                    'neutral' => $place($move->new, $new, false),
                ],
            'changesEnd' => $move->changesEnd,
            'objection' => $move->objection,
        ], BackToBack::moves($pairs, $sat, $old, $new));
    }
}

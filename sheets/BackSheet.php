<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Box\BackToBack;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\Box\PairInBox;
use Bouclier\Core\Box\PairMove;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\WiresNoted;
use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WhichBack;

/**
 * Old back to new back: each wire with where it sat and where it goes.
 *
 * @phpstan-type BackRead array{
 *     // Null where nothing on it says so.
 *     lineAt: value-of<BackEnd>|null,
 *     leads: bool,
 * }
 * @phpstan-type WirePlace array{land: value-of<Land>, end: value-of<BackEnd>|null, text: string}
 * @phpstan-type Move array{
 *     name: string|null,
 *     tag: string|null,
 *     oldHot: WirePlace|null,
 *     oldNeutral: WirePlace|null,
 *     newHot: WirePlace|null,
 *     newNeutral: WirePlace|null,
 *     changesEnd: bool,
 *     objection: string|null,
 * }
 * @phpstan-type Backs array{
 *     // Null while nobody has read it.
 *     old: BackRead|null,
 *     new: BackRead|null,
 *     moves: list<Move>,
 * }
 */
final class BackSheet
{
    /**
     * @param list<PairInBox> $pairs
     *
     * @return Backs
     */
    public static function of(House $house, FeedMap $feeds, Point $point, array $pairs): array
    {
        $noted = fn(WhichBack $back) => WiresNoted::back($house, $point->id, $back);
        $back = fn(WhichBack $back): DeviceBack => DeviceBack::of($noted($back));
        $read = fn(WhichBack $which): ?array => $noted($which) === null
            ? null
            : ['lineAt' => $back($which)->lineAt?->value, 'leads' => $back($which)->hasLeads];
        [$old, $new] = [$back(WhichBack::Old), $back(WhichBack::New)];

        return [
            'old' => $read(WhichBack::Old),
            'new' => $read(WhichBack::New),
            'moves' => array_map(fn(PairMove $move): array => [
                'name' => $move->pair->name,
                'tag' => Tag::of($feeds, $move->pair),
                'oldHot' => self::place($move->oldHot, $old, true),
                'oldNeutral' => self::place($move->oldNeutral, $old, false),
                'newHot' => self::place($move->new, $new, true),
                'newNeutral' => self::place($move->new, $new, false),
                'changesEnd' => $move->changesEnd,
                'objection' => $move->objection,
            ], BackToBack::moves($pairs, $old, $new)),
        ];
    }

    /** @return WirePlace|null */
    private static function place(?Land $land, DeviceBack $back, bool $hot): ?array
    {
        return $land === null ? null : [
            'land' => $land->value,
            'end' => $back->end($land)?->value,
            'text' => $back->place($land, $hot),
        ];
    }
}

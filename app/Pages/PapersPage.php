<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\TestRecord;

/**
 * The papers of a house: the records that were signed, and what is left with who lives there.
 *
 * @phpstan-import-type KeptLink from OwnerPages
 * @phpstan-type SignedRecord array{number: int, revision: int, signed: string, digest: string, at: string}
 * @phpstan-type PapersShown array{
 *     house: array{id: string, name: string},
 *     records: list<SignedRecord>,
 *     links: list<KeptLink>,
 * }
 */
final class PapersPage
{
    /** Pages that are listed, the last ones: a label each, and those of the house. */
    private const LINKS = 200;

    /** @return PapersShown */
    public static function of(House $house): array
    {
        $records = TestRecord::query()->where('house_id', $house->id)->orderByDesc('number')->get();
        $links = OutsideLink::query()->where('house_id', $house->id)
            ->whereIn('purpose', [LinkPurpose::House, LinkPurpose::Device])->orderByDesc('created_at')->limit(self::LINKS)->get();

        return [
            'house' => ['id' => $house->id, 'name' => $house->name],
            'records' => array_values($records->map(fn(TestRecord $record): array => [
                'number' => $record->number,
                'revision' => $record->revision,
                'signed' => $record->signed,
                'digest' => $record->digest,
                'at' => $record->created_at->toIso8601String(),
            ])->all()),
            'links' => array_values($links->map(OwnerPages::line(...))->all()),
        ];
    }
}

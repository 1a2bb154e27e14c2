<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use Bouclier\Core\Scope\Need;
use Bouclier\Sheets\OfferSheet;
use Bouclier\Sheets\ScopeSheet;
use Illuminate\Support\Collection;

/**
 * An offer as the crew sees it beside the scope, as the customer sees it, and on paper.
 *
 * @phpstan-import-type Offered from OfferSheet
 * @phpstan-import-type NeedName from ScopeSheet
 * @phpstan-type OfferLine array{
 *     id: string,
 *     url: string,
 *     paper: string,
 *     lines: int,
 *     total: float,
 *     madeOn: string,
 *     validUntil: string,
 *     seenAt: string|null,
 *     withdrawn: bool,
 *     accepted: array{name: string, at: string, total: float, lines: int}|null,
 * }
 * @phpstan-type OfferShown array{
 *     offered: Offered,
 *     needs: list<NeedName>,
 *     ticked: list<string>,
 *     total: float,
 *     accepted: array{name: string, at: string}|null,
 * }
 */
final class OfferPage
{
    private const LAST = 10;

    /** @return list<OfferLine> the last ones made of a house */
    public static function lines(House $row): array
    {
        /** @var Collection<int, OutsideLink> $links */
        $links = OutsideLink::query()->where('house_id', $row->id)->where('purpose', LinkPurpose::Offer)
            ->orderByDesc('created_at')->limit(self::LAST)->get();

        return array_map(self::line(...), array_values($links->all()));
    }

    /** @return OfferShown */
    public static function shown(OutsideLink $link): array
    {
        $ticked = self::ticked($link);
        $name = $link->answered->name ?? null;
        /** @var Offered $offered as it was made */
        $offered = json_decode((string) json_encode($link->asked->offered ?? []), true);

        return [
            'offered' => $offered,
            'needs' => array_map(fn(Need $need): array => ['need' => $need->value, 'name' => $need->plainly()], Need::cases()),
            'ticked' => $ticked,
            'total' => OfferSheet::total($link->asked, $ticked),
            'accepted' => is_string($name) ? ['name' => $name, 'at' => (string) $link->answered_at?->toIso8601String()] : null,
        ];
    }

    /** @return list<string> keys of the lines that are chosen: all of them until somebody leaves one out */
    public static function ticked(OutsideLink $link): array
    {
        $chosen = $link->answered->ticked ?? null;
        $all = array_keys(get_object_vars((object) ($link->asked->steps ?? [])));

        return is_array($chosen) ? array_values(array_intersect($all, $chosen)) : $all;
    }

    /** @return OfferLine */
    private static function line(OutsideLink $link): array
    {
        $shown = self::shown($link);

        return [
            'id' => $link->id,
            'url' => url("/for-you/{$link->token}"),
            'paper' => url("/for-you/{$link->token}/paper"),
            'lines' => count($shown['offered']['lines']),
            'total' => $shown['total'],
            'madeOn' => $shown['offered']['madeOn'],
            'validUntil' => $shown['offered']['validUntil'],
            'seenAt' => $link->last_seen_at?->toIso8601String(),
            'withdrawn' => $link->withdrawn_at !== null,
            'accepted' => $shown['accepted'] === null ? null : [
                ...$shown['accepted'],
                'total' => $shown['total'],
                'lines' => count($shown['ticked']),
            ],
        ];
    }
}

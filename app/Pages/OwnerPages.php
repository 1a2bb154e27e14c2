<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use App\Persistence\HouseStore;
use Bouclier\Sheets\OwnerSheet;

/**
 * What is left with who lives there for as long as they like: the page of the house, that of a device. Made of the house as it is now.
 *
 * @phpstan-import-type OwnerPage from OwnerSheet
 * @phpstan-import-type OwnerDevice from OwnerSheet
 * @phpstan-type KeptLink array{
 *     id: string,
 *     kind: value-of<LinkPurpose>,
 *     url: string,
 *     device: string|null,
 *     open: bool,
 *     endsAt: string,
 *     seenAt: string|null,
 *     // Where its tests are reminded of.
 *     mail: string|null,
 * }
 */
final class OwnerPages
{
    /** @return array{owner?: OwnerPage, mail?: string|null, device?: OwnerDevice|null} */
    public static function shown(OutsideLink $link): array
    {
        $house = app(HouseStore::class)->load($link->house);
        $today = now()->toDateString();
        $device = $link->asked->device ?? null;

        return $link->purpose === LinkPurpose::House
            ? ['owner' => OwnerSheet::of($house, $today), 'mail' => $link->mail]
            : ['device' => is_string($device) ? OwnerSheet::device($house, $device, $today) : null];
    }

    /** @return KeptLink */
    public static function line(OutsideLink $link): array
    {
        $device = $link->asked->device ?? null;

        return [
            'id' => $link->id,
            'kind' => $link->purpose->value,
            'url' => $link->url(),
            'device' => is_string($device) ? $device : null,
            'open' => $link->isOpen(),
            'endsAt' => $link->expires_at->toDateString(),
            'seenAt' => $link->last_seen_at?->toIso8601String(),
            'mail' => $link->mail,
        ];
    }
}

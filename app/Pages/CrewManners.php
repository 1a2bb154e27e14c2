<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Crew;
use App\Models\House;
use App\Models\Point;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Manners;
use Illuminate\Database\Eloquent\Collection;

/**
 * What a crew has noted of protective devices in its other houses: how they show themselves and are handled.
 *
 * @phpstan-type MannersKnown array{kind: string, at: string, set: array<string, mixed>}
 */
final class CrewManners
{
    private const ROWS = 300;

    private const KINDS = 12;

    /** @return list<MannersKnown> each way of each kind once, the last noted first */
    public static function of(Crew $crew, House $but): array
    {
        $houses = $crew->houses()->whereKeyNot($but->id)->pluck('name', 'id');
        /** @var Collection<int, Point> $points */
        $points = Point::query()
            ->select('points.*')
            ->join('houses', 'houses.id', '=', 'points.house_id')
            ->whereIn('house_id', $houses->keys())
            ->whereIn('device', array_filter(Device::cases(), fn(Device $device): bool => $device->feedsThrough()))
            ->orderByDesc('houses.updated_at')
            ->limit(self::ROWS)
            ->get();
        /** @var array<string, MannersKnown> $known */
        $known = [];
        foreach ($points as $point) {
            $set = self::said($point);
            $device = self::device($point);
            if (Manners::tells($set) && $device !== null) {
                $amps = $point->getAttribute('amps');
                $kind = Manners::kind($device, is_numeric($amps) ? (float) $amps : null);
                $known[(string) json_encode([$kind, $set])] ??= ['kind' => $kind, 'at' => $houses[$point->house_id] ?? '', 'set' => $set];
            }
        }

        return array_slice(array_values($known), 0, self::KINDS);
    }

    private static function device(Point $point): ?Device
    {
        $device = $point->getAttribute('device');

        return $device instanceof Device ? $device : (is_string($device) ? Device::tryFrom($device) : null);
    }

    /** @return array<string, mixed> by field of the house file */
    private static function said(Point $point): array
    {
        $set = [];
        foreach (Manners::FIELDS as $field) {
            // What has no column of its own is beside them.
            $said = array_key_exists($field, $point->getAttributes()) ? $point->getAttribute($field) : $point->more->{$field} ?? null;
            $set += $said === null ? [] : [$field => $said];
        }

        return $set;
    }
}

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
 * @phpstan-type MannersKnown array{device: value-of<Device>, amps: float, at: string, set: array<string, mixed>}
 */
final class CrewManners
{
    private const ROWS = 300;

    private const KINDS = 12;

    /** @return list<MannersKnown> each way of each kind once, the last noted first */
    public static function of(Crew $crew, House $but): array
    {
        $houses = $crew->houses()->whereKeyNot($but->id)->orderByDesc('updated_at')->pluck('name', 'id');
        /** @var Collection<int, Point> $points */
        $points = Point::query()
            ->whereIn('house_id', $houses->keys())
            ->whereIn('device', [Device::Gfci->value, Device::Afci->value, Device::Dual->value])
            ->limit(self::ROWS)
            ->get();
        /** @var array<string, MannersKnown> $known */
        $known = [];
        foreach ($points as $point) {
            $set = self::said($point);
            $device = self::device($point);
            // That it tests itself alone tells nobody how it is handled.
            if (array_diff(array_keys($set), ['self_test']) !== [] && $device !== null) {
                $amps = $point->getAttribute('amps');
                $line = [
                    'device' => $device->value,
                    'amps' => is_numeric($amps) ? (float) $amps : 15.0,
                    'at' => $houses[$point->house_id] ?? '',
                    'set' => $set,
                ];
                $known[(string) json_encode([$line['device'], $line['amps'], $set])] ??= $line;
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

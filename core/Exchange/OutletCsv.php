<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointLabel;

/**
 * Outlets as a table, for a spreadsheet: one row an outlet. Rooms and circuits are named by their codes and slots, distances as
 * `2.5 ksink door; 6 ktub`. RFC 4180, UTF-8.
 */
final class OutletCsv
{
    public const COLUMNS = [
        'code', 'room', 'name', 'kind', 'device', 'serves', 'amps', 'volts', 'circuit', 'exposure', 'cover', 'ground',
        'accessible', 'height_ft', 'distances', 'tr', 'wr', 'installed_on', 'labels',
    ];

    public const MOST_ROWS = 10_000;

    public const MOST_CELLS = 400_000;

    public static function write(House $house): string
    {
        $lines = [Csv::line(self::COLUMNS)];
        foreach ($house->points as $point) {
            $lines[] = Csv::line(self::row($house, $point));
        }

        return implode("\r\n", $lines) . "\r\n";
    }

    /** @return list<string> */
    private static function row(House $house, Point $point): array
    {
        $yesNo = fn(?bool $value): string => $value === null ? '' : ($value ? 'yes' : 'no');
        $distance = fn(Distance $d): string => trim("{$d->ft} {$d->fixture} {$d->crosses?->value}");

        return [
            $point->code, $house->areaOf($point)->code, $point->name, $point->kind->value, $point->device->value, $point->serves->value
                ?? '', self::number($point->amps), self::number($point->volts),
            $point->circuit === null
                ? ''
                : $house->circuit($point->circuit)->slot, $point->exposure->value
                    ?? '', $point->cover->value
                    ?? '', $point->ground->value
                    ?? '', $yesNo($point->accessible), self::number($point->heightFt),
            implode('; ', array_map($distance, $point->distances())), $yesNo($point->tr), $yesNo($point->wr), $point->installedOn
                ?? '', implode('; ', array_map(fn(PointLabel $label): string => $label->value, $point->labels())),
        ];
    }

    private static function number(?float $number): string
    {
        return $number === null ? '' : (string) $number;
    }

    /** Why a table is not read at all: more than this is no house, and would take the memory of the machine. */
    public static function tooLarge(string $csv): ?string
    {
        $rows = max(substr_count($csv, "\n"), substr_count($csv, "\r"));
        $cells = $rows + max(substr_count($csv, ','), substr_count($csv, ';'));

        return match (true) {
            $rows > self::MOST_ROWS => "The table has $rows rows; " . self::MOST_ROWS . ' are read at most.',
            $cells > self::MOST_CELLS => "The table has $cells cells; " . self::MOST_CELLS . ' are read at most.',
            default => null,
        };
    }

    /** The room a cell names, by code or by name. */
    public static function area(House $house, string $cell): ?Area
    {
        foreach ($house->areas as $area) {
            if (strcasecmp($area->code, $cell) === 0 || strcasecmp($area->name, $cell) === 0) {
                return $area;
            }
        }

        return null;
    }
}

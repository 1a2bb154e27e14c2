<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/**
 * What an outlet is taken to be while nobody has said: by what it serves, and by the breaker it is on. Such fields are marked
 * ({@see Point::assumed()}) until somebody says them: a verdict that rests on one says so.
 */
final class Assumptions
{
    /** Appliances that are rarely on a cord. */
    private const HARD_WIRED = [
        Serves::BathFan, Serves::SmokeAlarm, Serves::FloorHeat, Serves::Hvac, Serves::HvacInverter, Serves::CeilingSupport,
    ];

    public static function kind(?Serves $serves): ?PointKind
    {
        return in_array($serves, self::HARD_WIRED, true) ? PointKind::Hardwired : null;
    }

    public static function device(PointKind $kind): Device
    {
        return in_array($kind, [PointKind::Receptacle, PointKind::Switch], true) ? Device::Standard : Device::None;
    }

    /**
     * What goes with an outlet beside what is said of it, as the house file writes it, with the mark of what was only taken.
     *
     * @param array<string, mixed> $said its fields
     * @param list<string> $taken fields among them that were taken as well
     *
     * @return array<string, mixed>
     */
    public static function of(House $house, array $said, array $taken = []): array
    {
        $serves = is_string($said['serves'] ?? null) ? Serves::from($said['serves']) : null;
        $taken = array_filter($taken, fn(string $field): bool => $field !== 'kind' || self::kind($serves) !== null);
        $circuit = is_string($said['circuit'] ?? null) ? $house->circuit($said['circuit']) : null;
        $kind = is_string($said['kind'] ?? null) ? PointKind::from($said['kind']) : PointKind::Receptacle;
        $rating = array_diff_key(
            self::written(Rating::ofReceptacleOn($circuit, $kind, is_numeric($said['amps'] ?? null) ? (float) $said['amps'] : null)),
            $said,
        );
        $assumed = [...array_values($taken), ...array_keys($rating)];

        return $assumed === [] ? [] : [...$rating, 'x' => (object) [Point::ASSUMED => $assumed]];
    }

    /** @return array<string, int|float|string> */
    private static function written(?Rating $rating): array
    {
        return array_filter([
            'amps' => $rating?->amps === null ? null : Length::lean($rating->amps),
            'volts' => $rating === null ? null : Length::lean($rating->volts),
            'yoke' => $rating?->yoke?->value,
        ], fn(mixed $value): bool => $value !== null);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\TubZone as TubZonePlace;

/** A receptacle within the space of a tub or shower (406.9(C)). */
final class TubZone implements PointCheck
{
    use Found;

    private const ACROSS_FT = 3.0;

    private const UP_FT = 8.0;

    private const WATER = [FixtureKind::Bathtub, FixtureKind::Shower, FixtureKind::Hydromassage];

    public function finds(): array
    {
        return [
            'tub_zone' => new Finds(Hazard::Shock, Clauses::everyNec('406.9(C)'), isAcute: true),
            'tub_zone_unknown' => new Finds(Hazard::Shock, Clauses::everyNec('406.9(C)')->second()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        // The machine's own receptacle, under the tub and behind its panel, is not what the clause is about.
        if (! $site->point->isReceptacle() || ! $site->edition->isNec() || $site->serves(Serves::Hydromassage)) {
            return [];
        }
        $zone = self::of($site);
        if ($zone === null) {
            return self::isNear($site) ? [$this->found(
                'tub_zone_unknown',
                $site,
                Severity::Advice,
                "{$site->point->code} stands in a room with a tub or shower. " . ($site->point->distances() === []
                    ? 'How far from it is not recorded: within ' . HowFar::said(self::ACROSS_FT, $site->unit())
                        . ' across no receptacle stands.'
                    : 'How high it is is not recorded, and decides whether it is in the space round it.'),
            )] : [];
        }
        $across = $zone->horizontalFt ?? INF;
        $above = $zone->aboveRimFt ?? 0.0;
        $over = $site->edition->isBefore(Edition::Nec2020);
        $fromFloor = $site->edition->isFrom(Edition::Nec2023);
        $inside = $over
            ? $across <= 0.0
            : $across <= self::ACROSS_FT && $above <= self::UP_FT && ($above >= 0.0 || $fromFloor);
        $letOff = ! $over
            && ($zone->oppositeWall === true || ($fromFloor && $site->serves(Serves::Bidet) && $site->point->accessible()));
        if (! $inside || $letOff) {
            return [];
        }
        $said = HowFar::said($across, $site->unit());
        $zoneAcross = HowFar::said(self::ACROSS_FT, $site->unit());
        $zoneUp = HowFar::said(self::UP_FT, $site->unit());

        return [$this->found(
            'tub_zone',
            $site,
            Severity::ofClause($site->work),
            "{$site->point->code} is $said from the tub or shower across and " . HowFar::said($above, $site->unit())
                . ($site->point->tubZone === null ? ' above the floor: ' : ' above its rim: ') . match (true) {
                    $over => 'no receptacle stands within or over it.',
                    $fromFloor => "none stands within $zoneAcross of it, from the floor up to $zoneUp above the rim.",
                    default => "none stands within $zoneAcross of it, from the rim up to $zoneUp above it.",
                },
        )];
    }

    /** As it was said, else from the distance and the height that were measured; null where they do not say it. */
    private static function of(Site $site): ?TubZonePlace
    {
        if ($site->point->tubZone?->horizontalFt !== null) {
            return $site->point->tubZone;
        }
        $nearest = self::nearest($site);
        $across = $nearest?->ft;
        if ($across === null) {
            return null;
        }

        return match (true) {
            // Farther than the space reaches: the height decides nothing.
            $across > self::ACROSS_FT, $site->edition->isBefore(Edition::Nec2020) => new TubZonePlace($across),
            $site->point->heightFt === null => null,
            default => new TubZonePlace($across, $site->point->heightFt, $site->point->tubZone?->oppositeWall),
        };
    }

    /** The way to a tub or shower: along a cord it is never shorter than across. A wall between ends it. */
    private static function nearest(Site $site): ?Distance
    {
        return HowFar::nearest($site, self::WATER, fn(Distance $way): bool => $way->crosses() !== Crosses::Barrier);
    }

    /** Whether a tub or shower is in its room, or was measured to: then its height decides. */
    public static function asksHeight(Site $site): bool
    {
        return $site->point->isReceptacle()
            && (array_filter(self::WATER, $site->area->hasFixture(...)) !== [] || self::isMeasured($site));
    }

    /** Whether it may be in the space, by what is recorded. */
    private static function isNear(Site $site): bool
    {
        $nearest = self::nearest($site);
        $hasWater = array_filter(self::WATER, $site->area->hasFixture(...)) !== [];

        return $nearest !== null
            ? $nearest->ft <= self::ACROSS_FT
            : $hasWater && $site->point->tubZone === null && ! self::isMeasured($site);
    }

    /** Whether somebody has measured to a tub or shower, be it through a wall. */
    private static function isMeasured(Site $site): bool
    {
        return HowFar::nearest($site, self::WATER, fn(): bool => true) !== null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\Point;

/**
 * How full a box is (NEC 314.16(B), Table 314.16(B)), in cubic inches: each conductor that comes in, two of the largest for a device, one
 * of the largest for all internal clamps, one of the largest for all grounds together up to four (2020 on: a quarter more for each beyond).
 * Pigtails count nothing.
 */
final class BoxFill
{
    private const IN3_PER_CONDUCTOR = [14 => 2.00, 12 => 2.25, 10 => 2.50, 8 => 3.00, 6 => 5.00];

    private const GROUNDS_IN_ONE = 4;

    /** The volume asked for, null when a wire in the box is heavier than the table. */
    public static function neededIn3(FeedMap $feeds, Point $point, Edition $edition): ?float
    {
        $cables = $feeds->cablesAt($point);
        $gauges = array_map($feeds->awg(...), $cables);
        if ($gauges === [] || min($gauges) < 6) {
            return null;
        }
        $each = array_map(fn(int $awg): float => self::IN3_PER_CONDUCTOR[$awg], $gauges);
        $largest = self::IN3_PER_CONDUCTOR[min($gauges)];
        $needed = array_sum(array_map(fn(Cable $cable, float $in3): float => ($cable->conductors ?? 2) * $in3, $cables, $each));
        if ($point->device !== Device::None) {
            $needed += 2 * $largest;
        }
        if ((int) ($point->box->clamps ?? 0) > 0) {
            $needed += $largest;
        }

        return $needed + self::grounds($point, $cables, $gauges, $edition);
    }

    /**
     * @param list<Cable> $cables
     * @param list<int> $gauges
     */
    private static function grounds(Point $point, array $cables, array $gauges, Edition $edition): float
    {
        $grounds = [];
        foreach ($cables as $i => $cable) {
            // Where metal is the ground, no wire comes in for it.
            $byMetal = $cable->ground === null && $cable->method?->isMetal() === true && $point->ground === GroundPath::Raceway;
            if ($cable->ground !== false && ! $byMetal) {
                // The ground in an 8 AWG cable and heavier is 10 AWG.
                $grounds[] = self::IN3_PER_CONDUCTOR[max($gauges[$i], 10)];
            }
        }
        if ($grounds === []) {
            return 0.0;
        }
        $quarters = $edition->isBefore(Edition::Nec2020) ? 0 : max(0, count($grounds) - self::GROUNDS_IN_ONE);

        return max($grounds) * (1 + $quarters / 4);
    }
}

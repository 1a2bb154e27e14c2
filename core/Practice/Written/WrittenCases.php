<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written;

use Bouclier\Core\Practice\Cases as AnyCase;
use Bouclier\Core\Practice\PracticeCase;

/** The written cases: the one list of them, in the order they are shown. */
final class WrittenCases
{
    /** @var list<class-string<WrittenCase>> */
    public const ALL = [
        Cases\DeadBasin::class,
        Cases\PorchLights::class,
        Cases\ButtonOutFaceLive::class,
        Cases\NewInTheGarage::class,
        Cases\TripsTheMomentAnythingRuns::class,
        Cases\HalfTheBasement::class,
        Cases\CorrectEverywhere::class,
        Cases\StaplesInTheBasement::class,
        Cases\BorrowedInTheDining::class,
        Cases\TwoHalvesOneNeutral::class,
        Cases\TheOtherTester::class,
        Cases\SixHonestThings::class,
        Cases\TheOrangeCord::class,
        Cases\TheFreezerAtNight::class,
        Cases\TheLightOverTheTub::class,
        Cases\BehindTheSink::class,
        Cases\TheSpade::class,
        Cases\TheLongWayToTheShed::class,
        Cases\TiredOfItAll::class,
        Cases\NoClickAtTheBasin::class,
        Cases\NoClickInTheGarage::class,
        Cases\HalfAHouseOfHum::class,
        Cases\TheGroundThatEnds::class,
        Cases\TheScrewBehindTheBed::class,
        Cases\OnlyWhenItRains::class,
        Cases\TwoHeatersOneBreaker::class,
        Cases\BangAndDark::class,
        Cases\WarmPlateInTheParlor::class,
    ];

    private const PREFIX = 'written-';

    public static function named(string $name): ?PracticeCase
    {
        foreach (self::ALL as $written) {
            if (self::nameOf($written) === $name) {
                return AnyCase::of(
                    $name,
                    $written::title(),
                    $written::kind(),
                    $written::sketch(),
                    $written::hidden(),
                    $written::standsOpen(),
                    $written::call(),
                );
            }
        }

        return null;
    }

    /** @param class-string<WrittenCase> $written */
    public static function nameOf(string $written): string
    {
        $words = preg_split('/(?=[A-Z])/', substr((string) strrchr($written, '\\'), 1), -1, PREG_SPLIT_NO_EMPTY);

        return self::PREFIX . strtolower(implode('-', $words === false ? [] : $words));
    }
}

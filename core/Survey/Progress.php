<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Keep\MonthlyTest;

/** How far the work in a house is, as a list of houses says it. */
final readonly class Progress
{
    /**
     * @param int $outlets that are entered
     * @param int $usual that rooms usually have and nobody has confirmed
     * @param int $untraced whose run is not known back to a breaker
     * @param int $items to be closed with evidence
     * @param int $failed protective devices that failed their last test
     * @param int $untested those nobody has tested yet
     */
    private function __construct(
        public int $rooms,
        public int $outlets,
        public int $usual,
        public int $untraced,
        public int $items,
        public bool $call,
        public int $failed,
        public int $untested,
    ) {
    }

    public static function of(House $house): self
    {
        $feeds = new FeedMap($house);
        $tests = MonthlyTest::ofDevices($house);

        return new self(
            count($house->areas),
            count($house->points),
            array_sum(array_map(fn($area): int => count(Ghosts::in($house, $area)), $house->areas)),
            count(array_filter($house->points, fn(Point $point): bool => $feeds->feed($point)->origins === [])),
            count(array_filter($house->entries->all(OpenItem::class), fn(OpenItem $item): bool => $item->closedAt === null)),
            OpenCall::isOpen($house),
            count(array_filter($tests, fn(MonthlyTest $test): bool => $test->hasFailed)),
            count(array_filter($tests, fn(MonthlyTest $test): bool => ! $test->hasFailed && $test->last === null)),
        );
    }
}

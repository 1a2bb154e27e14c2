<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** What happens downstream when a pair of a box lands elsewhere: the house taken again with that one landing changed. */
final readonly class Relanding
{
    /**
     * @param list<Point> $gains outlets that become GFCI protected
     * @param list<Point> $loses outlets that are no longer
     * @param list<Point> $dark outlets that get no power at all
     * @param float|null $leakageMa what then leaks through this device when nothing is wrong, null for what is no GFCI
     */
    private function __construct(
        public Land $land,
        public array $gains,
        public array $loses,
        public array $dark,
        public ?float $leakageMa,
    ) {
    }

    /** @return list<self> for LINE, LOAD, splice and cap, the present one among them */
    public static function all(FeedMap $now, Point $point, Cable $cable): array
    {
        return array_map(fn(Land $land): self => self::to($now, $point, $cable, $land), Land::cases());
    }

    private static function to(FeedMap $now, Point $point, Cable $cable, Land $land): self
    {
        $then = new FeedMap(self::landed($now->house, $point, $cable, Landing::both($land)));
        $gains = $loses = $dark = [];
        foreach ($now->house->points as $other) {
            $before = $now->guards($other, Protection::Gfci) !== [];
            $after = $then->guards($other, Protection::Gfci) !== [];
            if ($now->feed($other)->origins !== [] && $then->feed($other)->origins === []) {
                $dark[] = $other;
            } elseif ($before !== $after) {
                $after ? $gains[] = $other : $loses[] = $other;
            }
        }

        return new self(
            $land,
            $gains,
            $loses,
            $dark,
            $point->device->givesGfci() ? ZoneLeakage::of(new Guard($point), new Zones($then), $then)->milliamperes() : null,
        );
    }

    private static function landed(House $house, Point $point, Cable $cable, Landing $landing): House
    {
        return $house->withCable($cable->to->point === $point->id
            ? $cable->with(to: $cable->to->with(land: $landing))
            : $cable->with(from: $cable->from instanceof CableEnd ? $cable->from->with(land: $landing) : $cable->from));
    }
}

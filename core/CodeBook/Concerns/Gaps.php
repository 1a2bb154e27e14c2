<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Concerns;

use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** Protection that is asked for and not there, by the run one device could protect. */
final readonly class Gaps
{
    /** Where somebody stands in water, or on wet ground, with a cord in the hand. */
    private const WET_PLACES = [
        AreaKind::Bathroom, AreaKind::Outdoors, AreaKind::CrawlSpace, AreaKind::Boathouse, AreaKind::Laundry,
    ];

    /** As near as this to water counts as beside it, in feet (210.8(A)(7), (9)). */
    private const BESIDE_WATER_FT = 6.0;

    public function __construct(private FeedMap $feeds)
    {
    }

    /**
     * @param list<PointAssessment> $points
     *
     * @return list<Concern>
     */
    public function in(array $points): array
    {
        $groups = [];
        foreach ($points as $judged) {
            foreach ($judged->gaps() as $protection) {
                $circuit = $this->feeds->feed($judged->point)->circuit;
                $where = $circuit === null ? "area {$judged->point->area}" : "circuit {$circuit->id}";
                $groups["{$protection->value} {$judged->verdict($protection)->value} $where"][] = $judged;
            }
        }

        return array_map(
            fn(string $key, array $group): Concern => $this->concern($key, $group, Protection::from(explode(' ', $key)[0])),
            array_keys($groups),
            array_values($groups),
        );
    }

    /** @param list<string> $codes */
    public static function codes(array $codes): string
    {
        $last = array_pop($codes);

        return $codes === [] ? (string) $last : implode(', ', $codes) . " and $last";
    }

    /** @param non-empty-list<PointAssessment> $group */
    private function concern(string $key, array $group, Protection $protection): Concern
    {
        $points = array_map(fn(PointAssessment $judged): Point => $judged->point, $group);
        $isMissing = $group[0]->verdict($protection) === Verdict::Missing;
        $circuit = $this->feeds->feed($points[0])->circuit;
        $isDanger = $protection === Protection::Gfci && array_filter($points, $this->isByWater(...)) !== [];
        $demands = array_map(fn(PointAssessment $judged): Demand => $judged->demandsFor($protection)[0], $group);
        $clauses = array_values(array_unique(array_column($demands, 'clause')));

        return new Concern(
            $key,
            "{$protection->value}_" . $group[0]->verdict($protection)->value,
            $isDanger ? Urgency::Danger : ($isMissing ? Urgency::Asked : Urgency::Advice),
            $isMissing ? Severity::Error : Severity::Advice,
            Hazard::without($protection),
            implode(', ', $clauses),
            $this->said($points, $protection, $circuit, $demands[0]),
            $this->cure($points, $protection, $circuit),
            array_column($points, 'id'),
        );
    }

    /** @param non-empty-list<Point> $points */
    private function said(array $points, Protection $protection, ?Circuit $circuit, Demand $demand): string
    {
        $house = $this->feeds->house;
        $name = strtoupper($protection->value);
        $count = count($points);
        if ($count === 1) {
            return "{$points[0]->code} {$points[0]->name}: no $name protection. {$demand->fact}";
        }
        $rooms = array_unique(array_map(fn(Point $point): string => $house->areaOf($point)->name, $points));
        $in = count($rooms) > 3 ? count($rooms) . ' rooms' : self::codes(array_values($rooms));
        if ($circuit === null) {
            return "No $name protection at $count outlets in $in.";
        }
        $all = array_filter($this->feeds->pointsOn($circuit), fn(Point $point): bool => $point->isReceptacle());
        $isWhole = count(array_filter($points, fn(Point $point): bool => $point->isReceptacle())) === count($all);

        return $isWhole
            ? "No $name protects the run of breaker {$circuit->slot} {$circuit->label}: $count outlets in $in, one device."
            : "$count outlets on breaker {$circuit->slot} {$circuit->label} have no $name protection, in $in.";
    }

    /** @param non-empty-list<Point> $points */
    private function cure(array $points, Protection $protection, ?Circuit $circuit): string
    {
        $name = ($protection === Protection::Afci ? 'an ' : 'a ') . strtoupper($protection->value);
        if ($circuit === null) {
            return "Trace what feeds them, then $name device first on the run.";
        }
        $first = $this->first($points);
        $breaker = "$name breaker in slot {$circuit->slot}";
        if ($protection === Protection::Afci || $first === null || ! $this->takesDevice($first)) {
            return ucfirst($breaker) . '.';
        }

        return count($points) === 1
            ? ucfirst($name) . " device at {$first->code}, or $breaker."
            : ucfirst($name) . " device at {$first->code}, fed on LINE, with the rest on its LOAD; or $breaker.";
    }

    private function takesDevice(Point $point): bool
    {
        return $point->isReceptacle() && $point->with(device: Device::Gfci)->isDeviceMade();
    }

    /**
     * The outlet the others hang below; null where the order is not known, or none is before all the others.
     *
     * @param non-empty-list<Point> $points
     */
    private function first(array $points): ?Point
    {
        $runs = array_map(fn(Point $point): array => $this->feeds->runTo($point), $points);
        $lengths = array_map(count(...), $runs);
        $nearest = array_search(min($lengths), $lengths, true);
        foreach ($runs as $at => $run) {
            $passes = array_map(fn(Cable $cable): ?string => $cable->fromPoint(), $run);
            if ($run === [] || ($at !== $nearest && ! in_array($points[$nearest]->id, $passes, true))) {
                return null;
            }
        }

        return $points[$nearest];
    }

    private function isByWater(Point $point): bool
    {
        $near = array_filter($point->distances(), fn($way): bool => $way->ft <= self::BESIDE_WATER_FT);

        return in_array($this->feeds->house->areaOf($point)->kind, self::WET_PLACES, true)
            || $near !== []
            || $point->serves() === Serves::Countertop
            || $point->exposure() !== Exposure::Dry;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\Feed\Trace\Place;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WalkThrough;

/**
 * What each breaker of each panel really feeds, from the trace. An outlet whose circuit no test and no drawn run shows stands where it is
 * believed to be, and is marked.
 */
final readonly class PanelDirectory
{
    /** @var array<string> circuits by what hangs on them, by point id */
    private array $proved;

    /** @var array<string> circuits by what is believed to hang on them, by point id */
    private array $believed;

    /** @var array<string, list<DirectoryLine>> by panel id, in the order of the panel's slots */
    public array $panels;

    /** @var list<Point> outlets of which nothing says what feeds them, in walking order */
    public array $unplaced;

    /** @param array<int, Observation> $observations those the house was traced by */
    public function __construct(private House $house, array $observations)
    {
        $trace = (new Tracer($house, $observations))->trace();
        $feeds = new FeedMap($house);
        $guessed = $proved = $believed = $panels = [];
        foreach ($trace->edges as $edge) {
            $guessed[$edge->to] = $edge->from;
        }
        foreach ($trace->places as $place) {
            if ($place->circuit !== null) {
                $proved[$place->point] = $place->circuit;
            }
        }
        foreach ($trace->places as $place) {
            $circuit = $feeds->feed($house->point($place->point))->circuit->id ?? self::guess($house, $place, $guessed, $proved);
            if ($place->circuit === null && $circuit !== null) {
                $believed[$place->point] = $circuit;
            }
        }
        $this->proved = $proved;
        $this->believed = $believed;
        foreach ($house->panels as $panel) {
            $panels[$panel->id] = $this->panel($panel);
        }
        $this->panels = $panels;
        $this->unplaced = WalkThrough::of($house, fn(Point $point): bool => ! isset($proved[$point->id]) && ! isset($believed[$point->id]));
    }

    /**
     * @param array<string> $from what the trace takes to feed a point, by its id
     * @param array<string> $proved
     */
    private static function guess(House $house, Place $place, array $from, array $proved): ?string
    {
        $at = $place->point;
        for ($step = 0; isset($from[$at]) && $step <= count($house->points); ++$step) {
            $at = $from[$at];
            if ($house->hasCircuit($at)) {
                return $at;
            }
            if (isset($proved[$at])) {
                return $proved[$at];
            }
        }

        return null;
    }

    /** @return list<DirectoryLine> */
    private function panel(Panel $panel): array
    {
        $circuits = array_values(array_filter($this->house->circuits, fn(Circuit $one): bool => $one->panel === $panel->id));
        usort($circuits, fn(Circuit $one, Circuit $other): int => strnatcasecmp($one->slot, $other->slot));

        return array_map($this->line(...), $circuits);
    }

    private function line(Circuit $circuit): DirectoryLine
    {
        $isProved = fn(Point $point): bool => ($this->proved[$point->id] ?? null) === $circuit->id;
        $isBelieved = fn(Point $point): bool => ($this->believed[$point->id] ?? null) === $circuit->id;
        $feeds = WalkThrough::of($this->house, fn(Point $point): bool => $isProved($point) || $isBelieved($point));
        $other = $this->house->otherHalf($circuit);

        return new DirectoryLine(
            $circuit,
            $feeds,
            array_values(array_filter($feeds, $isBelieved)),
            array_values(array_filter($this->house->panels, fn(Panel $panel): bool => $panel->fedFrom === $circuit->id)),
            $other !== null && $this->house->goOffTogether($circuit, $other) === true ? $other : null,
            $this->protection($circuit, $feeds),
        );
    }

    /**
     * As a panel has them: odd slots on the left, even ones on the right; all in one where a slot is no number.
     *
     * @param list<DirectoryLine> $lines
     *
     * @return list<list<DirectoryLine>>
     */
    public static function columns(array $lines): array
    {
        $odd = $even = [];
        foreach ($lines as $line) {
            if (preg_match('/^\d+/', $line->circuit->slot, $first) !== 1) {
                return [$lines];
            }
            (int) $first[0] % 2 === 1 ? $odd[] = $line : $even[] = $line;
        }

        return array_values(array_filter([$odd, $even]));
    }

    /** @param list<Point> $feeds */
    private function protection(Circuit $circuit, array $feeds): string
    {
        $said = [];
        foreach ($this->house->withFeeders($circuit) as $above => $one) {
            if ($one->breaker()->isProtective()) {
                $said[] = $one->breaker()->label() . ($above === 0 ? '' : " at {$one->slot} {$one->label}");
            }
        }
        $byKind = [];
        foreach ($feeds as $point) {
            if ($point->device->feedsThrough()) {
                $byKind[$point->device->label()][] = $point->id;
            }
        }
        foreach ($byKind as $kind => $points) {
            $said[] = "$kind at " . (new Codes($this->house))->list($points);
        }

        return $said === [] ? 'none' : implode('; ', $said);
    }
}

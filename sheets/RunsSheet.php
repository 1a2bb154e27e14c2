<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Checks\LeakageBudget;
use Bouclier\Core\Diagnose\NeedsTraced;
use Bouclier\Core\Feed\Feed;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\Conflict;
use Bouclier\Core\Feed\Trace\Edge;
use Bouclier\Core\Feed\Trace\Next;
use Bouclier\Core\Feed\Trace\NextKind;
use Bouclier\Core\Feed\Trace\NextWords;
use Bouclier\Core\Feed\Trace\Pairs;
use Bouclier\Core\Feed\Trace\Place;
use Bouclier\Core\Feed\Trace\Trace;
use Bouclier\Core\Feed\Trace\TracedCables;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Network\Tripping;

/**
 * The runs of a house, ready to draw: each circuit as a tree of outlets in feed order, with what is certain, guessed and not known; and the
 * next step of the trace.
 *
 * @phpstan-import-type Hands from BoxSheet
 * @phpstan-type LeakageLevel array{
 *     ma: float,
 *     // `near`: over its budget; `over`: it may trip with nothing wrong.
 *     level: 'fine'|'near'|'over',
 * }
 * @phpstan-type RunNode array{
 *     id: string,
 *     certain: bool,
 *     // How the run leaves a protective device; null where that is not known or means nothing.
 *     leaves: 'line'|'load'|'mixed'|null,
 *     cable: array{id: string, ft: float|null, awg: int}|null,
 *     wiring: 'right'|'reversed'|'split',
 *     // Of the same kind, which a type of PHP cannot say.
 *     children: list<array<string, mixed>>,
 * }
 * @phpstan-type Run array{
 *     id: string,
 *     slot: string,
 *     label: string,
 *     amps: float,
 *     panel: string,
 *     breaker: value-of<BreakerType>,
 *     gfci: bool,
 *     // What leaks through a GFCI breaker with nothing wrong.
 *     leakage: LeakageLevel|null,
 *     hasTest: bool,
 *     shared: array{with: string, by: 'two_pole'|'one_pole'|'plain'}|null,
 *     runs: list<RunNode>,
 *     // On it, but in no known order.
 *     loose: list<string>,
 * }
 * @phpstan-type PairsCounted array{count: int, names: list<string>, feed: string|null, onward: list<string>, lifted: list<string>}
 * @phpstan-type TracedOutlet array{
 *     id: string,
 *     circuit: string|null,
 *     isLight: bool,
 *     certain: bool,
 *     hasTest: bool,
 *     // It gives GFCI protection and is wired so that it can.
 *     protects: bool,
 *     leakage: LeakageLevel|null,
 *     protectedBy: list<string>,
 *     // A protective device inside another one's stretch.
 *     nested: bool,
 *     handsOn: Hands,
 *     pairs: PairsCounted|null,
 * }
 * @phpstan-type SeenShown array{
 *     // Its id in the house file, by which it is withdrawn.
 *     id: string,
 *     kind: value-of<SeenKind>,
 *     spoken: string,
 *     at: string|null,
 *     who: string|null,
 * }
 * @phpstan-type ConflictShown array{why: string, facts: list<SeenShown>, cables: list<array{id: string, spoken: string}>}
 * @phpstan-type NextStep array{
 *     kind: value-of<NextKind>,
 *     circuit: string|null,
 *     point: string|null,
 *     pair: string|null,
 *     minutes: float,
 *     why: string,
 *     // The open call rests on it.
 *     forCall: bool,
 *     title: string,
 *     // How it is done, in order.
 *     steps: list<string>,
 *     handsOn: bool,
 * }
 * @phpstan-type Kept array{to: string, spoken: string}
 * @phpstan-type RunsPage array{
 *     circuits: list<Run>,
 *     // Outlets no breaker is known or believed of.
 *     unplaced: list<string>,
 *     outlets: ById<TracedOutlet>,
 *     facts: list<SeenShown>,
 *     conflicts: list<ConflictShown>,
 *     next: NextStep|null,
 *     resolved: bool,
 *     // Pairs of outlets of which it is not known whether one feeds the other.
 *     unknown: int,
 *     // Certain runs the house has no cable for yet.
 *     keep: list<Kept>,
 * }
 */
final readonly class RunsSheet
{
    private FeedMap $feeds;

    private Codes $codes;

    private Trace $trace;

    private LiveState $live;

    private Zones $zones;

    /** @var array<list<Edge>> edges by where they begin */
    private array $edges;

    /** @var array<Place> by point id */
    private array $places;

    private function __construct(private House $house, Asker $asker)
    {
        $this->feeds = new FeedMap($house);
        $this->codes = new Codes($house);
        $this->trace = (new Tracer($house, Observations::of($house)->seen, NeedsTraced::of($house)))->trace();
        $this->live = new LiveState($house, $this->feeds, $asker);
        $this->zones = new Zones($this->feeds);
        $this->places = array_column($this->trace->places, null, 'point');
        $edges = [];
        foreach ($this->trace->edges as $edge) {
            // Which breaker an outlet hangs on is not guessed: such an outlet stands beside the drawing.
            if ($edge->certain || ($this->places[$edge->to]->circuit ?? null) !== null) {
                $edges[$edge->from][] = $edge;
            }
        }
        $this->edges = $edges;
    }

    /** @return RunsPage */
    public static function of(House $house, Asker $asker): array
    {
        $sheet = new self($house, $asker);
        $drawn = [];
        foreach ($sheet->edges as $edges) {
            foreach ($edges as $edge) {
                $drawn[$edge->to] = true;
            }
        }
        $outlets = [];
        foreach ($house->points as $point) {
            $outlets[$point->id] = $sheet->outlet($point);
        }
        $loose = array_values(array_filter($house->points, fn(Point $point): bool => ! isset($drawn[$point->id])));

        return [
            'circuits' => array_map(fn(Circuit $circuit): array => $sheet->circuit($circuit, $loose), $house->circuits),
            'unplaced' => array_values(
                array_map(
                    fn(Point $point): string => $point->id,
                    array_filter($loose, fn(Point $point): bool => $sheet->looseOn($point) === null),
                ),
            ),
            'outlets' => new ById($outlets),
            'facts' => $sheet->facts(),
            'conflicts' => array_map($sheet->conflict(...), $sheet->trace->conflicts),
            'next' => $sheet->trace->next === null ? null : $sheet->next($sheet->trace->next),
            'resolved' => $sheet->trace->resolved,
            'unknown' => count($sheet->trace->unknownPairs),
            'keep' => array_map($sheet->kept(...), TracedCables::missing($house, $sheet->trace)),
        ];
    }

    /**
     * @param list<Point> $loose
     *
     * @return Run
     */
    private function circuit(Circuit $circuit, array $loose): array
    {
        $here = array_filter($loose, fn(Point $point): bool => $this->looseOn($point) === $circuit->id);

        return [
            'id' => $circuit->id,
            'slot' => $circuit->slot,
            'label' => $circuit->label,
            'amps' => $circuit->amps,
            'panel' => $this->house->panel($circuit->panel)->name,
            'breaker' => $circuit->breaker()->value,
            'gfci' => $circuit->breaker()->givesGfci(),
            'leakage' => $circuit->breaker()->givesGfci() ? $this->leakage(new Guard($circuit)) : null,
            'hasTest' => $circuit->breaker()->givesGfci() || $circuit->breaker()->givesAfci(),
            'shared' => $this->shared($circuit),
            'runs' => array_map($this->node(...), $this->edges[$circuit->id] ?? []),
            'loose' => array_values(array_map(fn(Point $point): string => $point->id, $here)),
        ];
    }

    /** @return array{with: string, by: 'two_pole'|'one_pole'|'plain'}|null the circuit its neutral is shared with, and what watches it */
    private function shared(Circuit $circuit): ?array
    {
        $other = $circuit->multiwireWith === null ? null : $this->house->circuit($circuit->multiwireWith);

        return $other === null ? null : ['with' => $other->slot, 'by' => match (true) {
            $this->house->onOneBreaker($circuit) !== null => 'two_pole',
            $this->house->missesOtherHalf($circuit), $this->house->missesOtherHalf($other) => 'one_pole',
            default => 'plain',
        }];
    }

    private function looseOn(Point $point): ?string
    {
        return $this->places[$point->id]->circuit ?? $point->circuit;
    }

    /** @return RunNode */
    private function node(Edge $edge): array
    {
        $point = $this->house->point($edge->to);
        $feed = $this->feeds->feed($point);
        $cable = $this->isOf($feed, $edge) ? $feed->cable : null;

        return [
            'id' => $edge->to,
            'certain' => $edge->certain,
            'leaves' => $this->leaves($edge, $cable),
            'cable' => $cable === null ? null : ['id' => $cable->id, 'ft' => $cable->lengthFt, 'awg' => $this->feeds->awg($cable)],
            'wiring' => match ($this->feeds->wiring($point)) {
                Wiring::Right => 'right',
                Wiring::Reversed => 'reversed',
                Wiring::Split => 'split',
            },
            'children' => array_map($this->node(...), $this->edges[$edge->to] ?? []),
        ];
    }

    /** Whether a run of the trace is the cable the house has into that point. */
    private function isOf(Feed $feed, Edge $edge): bool
    {
        return $feed->cable !== null
            && ($feed->upstream === null ? in_array($edge->from, $feed->origins, true) : $feed->upstream->id === $edge->from);
    }

    /**
     * How the run leaves a protective device: line, load, or mixed where hot and neutral differ; null where that is not known or means
     * nothing.
     *
     * @return 'line'|'load'|'mixed'|null
     */
    private function leaves(Edge $edge, ?Cable $cable): ?string
    {
        if (! $this->house->hasPoint($edge->from) || ! $this->house->point($edge->from)->device->feedsThrough()) {
            return null;
        }
        $landing = $cable?->landingAtStart();
        if ($landing instanceof Landing && $landing->isMixed()) {
            return 'mixed';
        }

        return match ($edge->onLoad) {
            true => 'load',
            false => 'line',
            null => null,
        };
    }

    /** @return TracedOutlet */
    private function outlet(Point $point): array
    {
        $place = $this->places[$point->id];
        $hands = $this->live->handsOn($point);
        $box = $this->trace->boxes[$point->id] ?? null;
        $protects = $point->device->givesGfci() && $this->feeds->wiring($point) === Wiring::Right;

        return [
            'id' => $point->id,
            'circuit' => $place->circuit,
            'isLight' => $point->kind === PointKind::Light,
            'certain' => $place->certain,
            'hasTest' => $point->device->feedsThrough(),
            'protects' => $protects,
            'leakage' => $protects ? $this->leakage(new Guard($point)) : null,
            'protectedBy' => array_values(array_filter($place->protectedBy, fn(string $id): bool => $id !== $point->id)),
            'nested' => count($this->feeds->guards($point, Protection::Gfci)) > 1 && $point->device->givesGfci(),
            'handsOn' => ['allowed' => $hands->allowed, 'why' => $hands->why],
            'pairs' => $box === null ? null : self::pairs($box),
        ];
    }

    /**
     * @return LeakageLevel what leaks through a device with nothing wrong: fine, near (over its budget), or over (it may
     *     trip)
     */
    private function leakage(Guard $guard): array
    {
        $ma = ZoneLeakage::of($guard, $this->zones, $this->feeds)->milliamperes();

        return [
            'ma' => round($ma, 1),
            'level' => $ma >= Tripping::HOLDS_MA ? 'over' : ($ma > LeakageBudget::for($this->house) ? 'near' : 'fine'),
        ];
    }

    /** @return PairsCounted */
    private static function pairs(Pairs $box): array
    {
        return ['count' => $box->count, 'names' => $box->names(), 'feed' => $box->feed, 'onward' => $box->onward, 'lifted' => $box->lifted];
    }

    /** @return list<SeenShown> */
    private function facts(): array
    {
        $facts = [];
        foreach ($this->house->entries->all(Seen::class) as $place => $entry) {
            $facts[] = $this->fact($place, $entry);
        }

        return $facts;
    }

    /** @return SeenShown */
    private function fact(int $place, Seen $entry): array
    {
        $seen = $this->trace->observations[$place] ?? null;

        return [
            'id' => $entry->id ?? '',
            'kind' => $entry->kind->value,
            'spoken' => $seen === null ? 'Speaks of something that is not in the house any more' : $seen->spoken($this->codes),
            'at' => $entry->atTime,
            'who' => $entry->who,
        ];
    }

    /** @return ConflictShown */
    private function conflict(Conflict $conflict): array
    {
        $list = $this->house->entries->all(Seen::class);

        return [
            'why' => $conflict->why,
            'facts' => array_map(fn(int $place): array => $this->fact($place, $list[$place]), $conflict->observations),
            'cables' => array_map(fn(string $id): array => ['id' => $id, 'spoken' => $this->cable($id)], $conflict->cables),
        ];
    }

    private function cable(string $id): string
    {
        $cable = $this->house->findCable($id);
        if ($cable === null) {
            return 'A cable of the house';
        }
        $from = $cable->from instanceof CableEnd
            ? $this->codes->point($cable->from->point)
            : $this->codes->circuit($cable->from->circuits[0]);

        return "The house has a cable from $from to {$this->codes->point($cable->to->point)}";
    }

    /** @return NextStep */
    private function next(Next $next): array
    {
        return [
            'kind' => $next->kind->value,
            'circuit' => $next->circuit,
            'point' => $next->point,
            'pair' => $next->pair,
            'minutes' => $next->minutes,
            'why' => $next->why,
            'forCall' => $next->isForCall,
            'title' => (new NextWords($this->codes))->title($next),
            'steps' => NextWords::steps($next->kind),
            'handsOn' => NextWords::isHandsOn($next->kind),
        ];
    }

    /** @return Kept */
    private function kept(Edge $edge): array
    {
        return [
            'to' => $edge->to,
            'spoken' => $this->codes
                ->either($edge->from) . ' to ' . $this->codes
                ->point($edge->to) . ($edge->onLoad === true ? ', on LOAD' : ''),
        ];
    }
}

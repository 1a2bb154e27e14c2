<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Gauge;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Leg;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;

/**
 * The network of a house: breakers, boxes, cables, appliances and faults, put together from the panel outward so that the solver
 * finds a tree. Every constant of the electrical model that is not an instrument's stands here.
 */
final class GridBuilder
{
    /** Ohms of one pole of a breaker, and of one contact of a device. */
    private const CONTACT_OHMS = 0.002;

    /** Ohms from a box node to the reference. */
    public const STRAY_OHMS = 100e6;

    /** Ohms of 1000 ft of copper at 75 C, by AWG. NEC chapter 9, Table 8. */
    private const OHMS_PER_1000_FT = [14 => 3.07, 12 => 1.93, 10 => 1.21, 8 => 0.778, 6 => 0.491, 4 => 0.308, 2 => 0.194];

    private HouseGrid $made;

    private Grid $grid;

    private Rework $rework;

    /** @var array<array{int, int, int, int}> legs a and b, neutral and ground of a panel, by panel id */
    private array $panels = [];

    /** @var array<int> where the second pole of a 240 V breaker leaves it, by circuit id */
    private array $secondStarts = [];

    /** @var array<array<int>> the hot that is only spliced through a shared box, by point id and circuit id */
    private array $passing = [];

    /** @var list<int> terminals with a stray path to the reference */
    private array $stray = [];

    /** @var array<list<Cable>> every cable that leaves a point, by point id */
    private array $outOf = [];

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
    ) {
        foreach ($house->cables as $cable) {
            $from = $cable->fromPoint();
            if ($from !== null) {
                $this->outOf[$from][] = $cable;
            }
        }
    }

    /**
     * @param float|null $legVolts the supply of the house unless said otherwise; 0 shorts the sources
     * @param string|null $liftedAtPanel a circuit whose neutral is lifted at its panel
     */
    public function build(Condition $condition, ?float $legVolts = null, ?string $liftedAtPanel = null): HouseGrid
    {
        $this->made = new HouseGrid($legVolts ?? $this->house->supplyVolts());
        $this->grid = $this->made->grid;
        $this->rework = new Rework($condition);
        $this->panels = $this->secondStarts = $this->passing = $this->stray = [];
        $this->panels();
        $this->cables($condition, $liftedAtPanel);
        foreach ($this->house->points as $point) {
            $this->face($point, $condition);
        }
        $this->appliances($condition);
        $this->faults($condition);
        if ($condition->button !== null) {
            [$hot, , $ground] = $this->made->faces[$condition->button[0]];
            $this->grid->resistor($hot, $ground, $condition->button[1]);
        }
        $nodes = [];
        foreach ($this->stray as $terminal) {
            $node = $this->grid->node($terminal);
            if ($node >= 0 && ! isset($nodes[$node])) {
                $nodes[$node] = true;
                $this->grid->resistor($terminal, Grid::REFERENCE, self::STRAY_OHMS);
            }
        }

        return $this->made;
    }

    private function panels(): void
    {
        $left = $this->house->panels;
        while ($left !== []) {
            $before = count($left);
            foreach ($left as $at => $panel) {
                $feeder = $panel->fedFrom === null ? null : $this->house->circuit($panel->fedFrom);
                if ($feeder === null || isset($this->panels[$feeder->panel])) {
                    $this->panels[$panel->id] = $feeder === null ? [Grid::LEG_A, Grid::LEG_B, Grid::REFERENCE, Grid::REFERENCE] : $this->subPanel($panel, $feeder);
                    foreach ($this->house->circuits as $circuit) {
                        if ($circuit->panel === $panel->id) {
                            $this->breaker($circuit);
                        }
                    }
                    unset($left[$at]);
                }
            }
            if (count($left) === $before) {
                break;
            }
        }
    }

    /** @return array{int, int, int, int} on the conductors of its feeder: both legs, neutral and ground, neutral and ground apart */
    private function subPanel(Panel $panel, Circuit $feeder): array
    {
        $awg = $panel->feeder->awg ?? Gauge::for($feeder->amps);
        $feet = $panel->feeder->lengthFt ?? 0.0;
        [, , $neutral, $ground] = $this->panels[$feeder->panel];
        $own = $this->made->starts[$feeder->id];
        $second = $this->secondStarts[$feeder->id] ?? null;
        [$a, $b] = $feeder->leg() === Leg::A ? [$own, $second] : [$second, $own];
        $end = function (?int $from, int $gauge) use ($feet): array {
            $to = $this->grid->terminal();

            return [$to, $from === null ? null : $this->copper($from, $from, $to, $gauge, $feet)];
        };
        [$busA] = $end($a, $awg);
        [$busB] = $end($b, $awg);
        [$busNeutral, $strand] = $end($neutral, $awg);
        [$busGround] = $end($ground, self::groundGauge($awg));
        if ($strand !== null) {
            $this->made->neutrals[$feeder->id][] = $strand;
        }

        return [$busA, $busB, $busNeutral, $busGround];
    }

    private function breaker(Circuit $circuit): void
    {
        $legs = $this->panels[$circuit->panel];
        $own = $circuit->leg() === Leg::A ? 0 : 1;
        $poles = [$own];
        if ($circuit->volts() >= 200.0) {
            $poles[] = 1 - $own;
        }
        foreach ($poles as $number => $leg) {
            $start = $this->grid->terminal();
            $number === 0 ? $this->made->starts[$circuit->id] = $start : $this->secondStarts[$circuit->id] = $start;
            if ($this->rework->condition->conducts($circuit->id)) {
                $this->made->poles[$circuit->id][] = $this->grid->resistor($legs[$leg], $start, self::CONTACT_OHMS);
            }
        }
    }

    private function cables(Condition $condition, ?string $liftedAtPanel): void
    {
        $queue = array_values(array_filter($this->house->cables, fn(Cable $cable): bool => $cable->from instanceof CableOrigin));
        $reached = [];
        for ($at = 0; $at < count($queue); ++$at) {
            $reached[$queue[$at]->id] = true;
            array_push($queue, ...array_filter($this->outOf[$queue[$at]->to->point] ?? [], fn(Cable $cable): bool => ! isset($reached[$cable->id])));
            $this->box($queue[$at]->to->point, $condition);
            $this->cable($queue[$at], $liftedAtPanel);
        }
        foreach ($this->house->points as $point) {
            $this->box($point->id, $condition);
        }
        foreach ($this->house->cables as $cable) {
            if (! isset($reached[$cable->id])) {
                $this->cable($cable, $liftedAtPanel);
            }
        }
    }

    private function box(string $id, Condition $condition): void
    {
        if (isset($this->made->boxes[$id])) {
            return;
        }
        $hot = $this->grid->terminal();
        $neutral = $this->grid->terminal();
        $ground = $this->grid->terminal();
        $feedsThrough = $this->house->point($id)->device->feedsThrough();
        $hotLoad = $feedsThrough ? $this->grid->terminal() : $hot;
        $neutralLoad = $feedsThrough ? $this->grid->terminal() : $neutral;
        $this->made->boxes[$id] = [$hot, $hotLoad, $neutral, $neutralLoad, $ground];
        array_push($this->stray, $hot, $hotLoad, $neutral, $neutralLoad, $ground);
        if ($feedsThrough && ($condition->open[$id] ?? false) === false) {
            $this->made->contacts[$id] = [$this->grid->resistor($hot, $hotLoad, self::CONTACT_OHMS), $this->grid->resistor($neutral, $neutralLoad, self::CONTACT_OHMS)];
        }
    }

    private function cable(Cable $cable, ?string $liftedAtPanel): void
    {
        $circuits = $this->circuitsIn($cable);
        $awg = $this->feeds->awg($cable);
        $feet = $cable->lengthFt ?? 0.0;
        $to = $cable->to->point;
        $from = $cable->fromPoint();
        $landTo = $this->landing($cable, false);
        $landFrom = $from === null ? null : $this->landing($cable, true);
        $hots = $fars = [];
        foreach ($circuits as $circuit) {
            $hots[] = $from === null ? $this->start($circuit) : $this->hotAt($from, $circuit, $landFrom->hot ?? Land::Line);
            $fars[] = $this->hotAt($to, $circuit, $landTo->hot);
        }
        $neutral = $from === null ? $this->neutralAtPanel($circuits[0], $liftedAtPanel) : $this->neutralAt($from, $landFrom->neutral ?? Land::Line);
        $farNeutral = $this->neutralAt($to, $landTo->neutral);
        $hasGround = $cable->ground !== false;
        $ground = $from === null ? $this->groundAtPanel($circuits[0]) : $this->made->boxes[$from][4];
        $farGround = $this->made->boxes[$to][4];
        if ($this->rework->isSwapped($cable->id)) {
            [$fars[0], $farNeutral] = [$farNeutral, $fars[0]];
        }
        if ($this->rework->isHotOnGround($cable->id) && $hasGround) {
            [$fars[0], $farGround] = [$farGround, $fars[0]];
        }
        $hotStrands = array_map(fn(int $hot, int $far): Strand => $this->strand($cable, Conductor::Hot, $hot, $far, $awg, $feet), $hots, $fars);
        $strands = count($hotStrands) > 1 ? ['hot' => $hotStrands[0], 'hot2' => $hotStrands[1]] : ['hot' => $hotStrands[0]];
        $strands['neutral'] = $this->strand($cable, Conductor::Neutral, $neutral, $farNeutral, $awg, $feet);
        if ($hasGround) {
            $strands['ground'] = $this->strand($cable, Conductor::Ground, $ground, $farGround, self::groundGauge($awg), $feet);
            $half = 2.0 * M_PI * Capacitance::HERTZ * Capacitance::FARAD_PER_FT * $feet / 2.0;
            foreach ($half > 0.0 ? $hotStrands : [] as $hot) {
                $this->grid->branch($hot->near, $strands['ground']->near, 0.0, $half);
                $this->grid->branch($hot->far, $strands['ground']->far, 0.0, $half);
            }
        }
        $this->made->cables[$cable->id] = $strands;
        if ($from === null) {
            foreach ($circuits as $circuit) {
                if ($circuit !== null && $circuit->volts() < 200.0) {
                    $this->made->neutrals[$circuit->id][] = $strands['neutral'];
                }
            }
        }
    }

    /**
     * The circuits whose hots run in a cable: both of a shared run as far as it is shared.
     *
     * @return non-empty-list<Circuit|null>
     */
    private function circuitsIn(Cable $cable): array
    {
        $to = $this->house->point($cable->to->point);
        $own = $this->feeds->feed($to)->circuit;
        $origins = match (true) {
            $cable->from instanceof CableOrigin => array_map($this->house->circuit(...), $cable->from->circuits),
            // Where no run leads back to the panel, the third conductor is the partner's.
            $own?->multiwireWith !== null => array_values(array_filter($this->house->circuits, fn(Circuit $circuit): bool => $circuit->id === $own->id || $circuit->id === $own->multiwireWith)),
            default => array_map($this->house->circuit(...), $this->feeds->feed($to)->origins),
        };
        $isShared = $cable->from instanceof CableOrigin || $cable->conductors === 3 || ($cable->conductors === null && $this->goesOnShared($cable, $origins));

        return count($origins) > 1 && $isShared ? $origins : [$own ?? $origins[0] ?? null];
    }

    /** @param list<Circuit> $origins */
    private function goesOnShared(Cable $cable, array $origins): bool
    {
        $found = [];
        $next = [$cable->to->point];
        while (($id = array_pop($next)) !== null) {
            $found[$this->feeds->feed($this->house->point($id))->circuit->id ?? ''] = true;
            foreach ($this->outOf[$id] ?? [] as $out) {
                $next[] = $out->to->point;
            }
        }

        return count($origins) > 1 && array_filter($origins, fn(Circuit $circuit): bool => ! isset($found[$circuit->id])) === [];
    }

    private function landing(Cable $cable, bool $atFrom): Landing
    {
        $point = $atFrom ? $cable->fromPoint() ?? '' : $cable->to->point;
        if ($this->rework->isLifted($point, $cable->id)) {
            return Landing::both(Land::Cap);
        }
        $landing = $this->rework->landing($cable->id, $atFrom) ?? ($atFrom ? $cable->landingAtStart() : $cable->landingAtEnd()) ?? Landing::both(Land::Line);
        if (! $this->rework->isReversed($point)) {
            return $landing;
        }
        $other = fn(Land $land): Land => match ($land) {
            Land::Load => Land::Line,
            Land::Cap => Land::Cap,
            default => Land::Load,
        };

        return new Landing($other($landing->hot), $other($landing->neutral));
    }

    private function hotAt(string $point, ?Circuit $circuit, Land $land): int
    {
        $own = $this->feeds->feed($this->house->point($point))->circuit;
        // The hot of the other circuit of a shared run is only spliced through.
        if ($land !== Land::Cap && $circuit !== null && $own?->multiwireWith === $circuit->id) {
            return $this->passing[$point][$circuit->id] ??= $this->grid->terminal();
        }

        return $this->landed($this->made->boxes[$point][0], $this->made->boxes[$point][1], $land);
    }

    private function neutralAt(string $point, Land $land): int
    {
        return $this->landed($this->made->boxes[$point][2], $this->made->boxes[$point][3], $land);
    }

    private function landed(int $line, int $load, Land $land): int
    {
        if ($land !== Land::Cap) {
            return $land === Land::Load ? $load : $line;
        }
        $free = $this->grid->terminal();
        $this->stray[] = $free;

        return $free;
    }

    private function start(?Circuit $circuit): int
    {
        return $circuit === null ? $this->grid->terminal() : $this->made->starts[$circuit->id];
    }

    /** On a 240 V circuit the other leg takes the neutral's place. */
    private function neutralAtPanel(?Circuit $circuit, ?string $liftedAtPanel): int
    {
        if ($circuit !== null && isset($this->secondStarts[$circuit->id])) {
            return $this->secondStarts[$circuit->id];
        }
        if ($circuit !== null && $circuit->id === $liftedAtPanel) {
            return $this->made->liftedNeutrals[$circuit->id] ??= $this->grid->terminal();
        }

        return $circuit === null ? Grid::REFERENCE : $this->panels[$circuit->panel][2];
    }

    private function groundAtPanel(?Circuit $circuit): int
    {
        return $circuit === null ? Grid::REFERENCE : $this->panels[$circuit->panel][3];
    }

    /** One conductor, open or of high resistance at its near end where a fault has it so. */
    private function strand(Cable $cable, Conductor $conductor, int $terminal, int $far, int $awg, float $feet): Strand
    {
        $near = $terminal;
        $ohms = $this->rework->ohmsAtNearEnd($cable->id, $conductor);
        if ($ohms !== null) {
            $near = $this->grid->terminal();
            if (is_finite($ohms)) {
                $this->grid->resistor($terminal, $near, $ohms);
            }
        }

        return $this->copper($terminal, $near, $far, $awg, $feet);
    }

    /** Copper between two terminals; joined where there is no length. */
    private function copper(int $terminal, int $near, int $far, int $awg, float $feet): Strand
    {
        if ($feet <= 0.0) {
            $this->grid->join($near, $far);

            return new Strand($terminal, $near, $far, null);
        }

        return new Strand($terminal, $near, $far, $this->grid->resistor($near, $far, self::OHMS_PER_1000_FT[$awg] * $feet / 1000.0));
    }

    /** The ground in an 8 AWG cable and heavier is 10 AWG. */
    private static function groundGauge(int $awg): int
    {
        return max($awg, 10);
    }

    private function face(Point $point, Condition $condition): void
    {
        [, $hot, , $neutral, $ground] = $this->made->boxes[$point->id];
        $lender = $this->rework->lenderOf($point->id);
        if ($lender !== null) {
            $neutral = $this->made->boxes[$lender][2];
        }
        if ($this->rework->isBootleg($point->id)) {
            $ground = $neutral;
        } elseif ($this->rework->isPigtailOpen($point->id)) {
            $ground = $this->grid->terminal();
            $this->stray[] = $ground;
        }
        $this->made->faces[$point->id] = [$hot, $neutral, $ground];
    }

    private function appliances(Condition $condition): void
    {
        foreach ($this->house->appliances as $appliance) {
            $at = $condition->plugged[$appliance->id] ?? null;
            if ($at === null) {
                continue;
            }
            [$hot, $neutral, $ground] = $this->made->faces[$at];
            $watts = $appliance->watts ?? 0.0;
            if (($condition->running[$appliance->id] ?? false) && $watts > 0.0) {
                $this->grid->resistor($hot, $neutral, ($appliance->volts ?? 120.0) ** 2 / $watts);
            }
            $leakage = $appliance->leaks();
            $g = ($leakage->resistiveMa ?? 0.0) / 1000.0 / 120.0;
            $b = ($leakage->capacitiveMa ?? 0.0) / 1000.0 / 120.0;
            if ($g !== 0.0 || $b !== 0.0) {
                $this->grid->branch($hot, $ground, $g, $b);
            }
        }
    }

    /** Faults that are a resistor between two places. */
    private function faults(Condition $condition): void
    {
        foreach ($condition->faults as $fault) {
            $ends = match ($fault->kind) {
                FaultKind::Leak => $this->between($fault->at, $condition, Conductor::Hot, Conductor::Ground),
                FaultKind::Short => $this->between($fault->at, $condition, Conductor::Hot, Conductor::Neutral),
                FaultKind::NeutralGround => $this->between($fault->at, $condition, Conductor::Neutral, Conductor::Ground),
                default => null,
            };
            if ($ends !== null) {
                $this->grid->resistor($ends[0], $ends[1], $fault->ohms);
            }
        }
    }

    /** @return array{int, int}|null null where an appliance is not plugged in, or hangs on no cord set */
    private function between(Spot $at, Condition $condition, Conductor $one, Conductor $other): ?array
    {
        $appliance = $at->appliance ?? $at->cord;
        if ($appliance !== null) {
            $point = $condition->plugged[$appliance] ?? null;
            $hangs = $at->cord === null || ($this->hasCord($appliance) && ($condition->withoutCord[$appliance] ?? false) === false);
            $of = $point === null || ! $hangs ? null : $this->made->faces[$point];
        } elseif ($at->point !== null) {
            [, $hot, , $neutral, $ground] = $this->made->boxes[$at->point];
            $of = [$hot, $neutral, $ground];
        } else {
            $strands = $this->made->cables[$at->cable ?? ''] ?? null;
            $of = $strands === null ? null : [$strands['hot']->far, $strands['neutral']->far, ($strands['ground'] ?? null)->far ?? $this->groundAtEnd($at->cable ?? '')];
        }
        $number = fn(Conductor $conductor): int => match ($conductor) {
            Conductor::Hot => 0,
            Conductor::Neutral => 1,
            Conductor::Ground => 2,
        };

        return $of === null ? null : [$of[$number($one)], $of[$number($other)]];
    }

    /** A cable without a ground leaks to the box it ends in. */
    private function groundAtEnd(string $cable): int
    {
        foreach ($this->house->cables as $one) {
            if ($one->id === $cable) {
                return $this->made->boxes[$one->to->point][4];
            }
        }

        return Grid::REFERENCE;
    }

    private function hasCord(string $appliance): bool
    {
        foreach ($this->house->appliances as $one) {
            if ($one->id === $appliance) {
                return $one->extension === true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\Capacitance;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;

/**
 * The network of a house: boxes, cables, appliances and faults on their {@see Supply}, put together from the panel outward so that the
 * solver finds a tree.
 */
final class GridBuilder implements Networks
{
    /** Ohms from a box node to the reference. */
    public const STRAY_OHMS = 100e6;

    private HouseGrid $made;

    private Grid $grid;

    private Rework $rework;

    private Supply $supply;

    private readonly TwoPoleBreakers $twoPole;

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
        $this->twoPole = TwoPoleBreakers::in($house);
        foreach ($house->cables as $cable) {
            $from = $cable->fromPoint();
            if ($from !== null) {
                $this->outOf[$from][] = $cable;
            }
        }
    }

    public function build(Condition $condition, ?string $liftedAtPanel = null): HouseGrid
    {
        return $this->standing($this->wired($condition, $liftedAtPanel), $condition);
    }

    /** The wiring of {@see wired()} as it stands in a condition: contacts that are open, what is plugged in, faults that are resistors. */
    public function standing(HouseGrid $wired, Condition $condition): HouseGrid
    {
        $made = $wired->copy();
        foreach (array_keys($made->poles) as $circuit) {
            if (! $condition->conducts((string) $circuit)) {
                $made->opens($circuit);
            }
        }
        foreach (array_keys($made->contacts) as $point) {
            if ($condition->open[$point] ?? false) {
                $made->opens($point);
            }
        }
        foreach (PluggedIn::in($this->house, $condition) as [$point, $slot, $g, $b]) {
            $made->grid->branch($made->faces[$point][0], $made->faces[$point][$slot], $g, $b);
        }
        foreach ($condition->faults as $fault) {
            $resistor = $fault->resistor();
            $ends = $resistor === null ? null : FaultEnds::of($made, $this->house, $condition, $fault->at, $resistor);
            if ($resistor !== null && $ends !== null) {
                $made->grid->resistor($ends[0], $ends[1], $resistor->ohms);
            }
        }

        return $made;
    }

    /** The wiring by itself, every contact closed and nothing plugged in, as pairs that are lifted and faults have it joined. */
    public function wired(Condition $condition, ?string $liftedAtPanel = null): HouseGrid
    {
        $this->made = new HouseGrid(new Grid($this->house->supplyVolts()), $this->twoPole);
        $this->grid = $this->made->grid;
        $this->rework = new Rework($condition);
        $this->passing = $this->stray = [];
        $this->supply = new Supply($this->house, $this->made, $liftedAtPanel);
        $this->cables();
        foreach ($this->house->points as $point) {
            $this->face($point);
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

    private function cables(): void
    {
        $queue = array_values(array_filter($this->house->cables, fn(Cable $cable): bool => $cable->from instanceof CableOrigin));
        $reached = [];
        for ($at = 0; $at < count($queue); ++$at) {
            $reached[$queue[$at]->id] = true;
            array_push(
                $queue,
                ...array_filter($this->outOf[$queue[$at]->to->point] ?? [], fn(Cable $cable): bool => ! isset($reached[$cable->id])),
            );
            $this->box($queue[$at]->to->point);
            $this->cable($queue[$at]);
        }
        foreach ($this->house->points as $point) {
            $this->box($point->id);
        }
        foreach ($this->house->cables as $cable) {
            if (! isset($reached[$cable->id])) {
                $this->cable($cable);
            }
        }
    }

    private function box(string $id): void
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
        if ($feedsThrough) {
            $this->made->contacts[$id] = [
                $this->grid->resistor($hot, $hotLoad, Supply::CONTACT_OHMS),
                $this->grid->resistor($neutral, $neutralLoad, Supply::CONTACT_OHMS),
            ];
        }
    }

    private function cable(Cable $cable): void
    {
        $circuits = $this->feeds->circuitsIn($cable);
        $awg = $this->feeds->awg($cable);
        $feet = $cable->lengthFt ?? 0.0;
        $to = $cable->to->point;
        $from = $cable->fromPoint();
        $landTo = $this->landing($cable, false);
        $landFrom = $from === null ? null : $this->landing($cable, true);
        $hots = $fars = [];
        foreach ($circuits as $circuit) {
            $hots[] = $from === null ? $this->supply->hot($circuit) : $this->hotAt($from, $circuit, $landFrom->hot ?? Land::Line);
            $fars[] = $this->hotAt($to, $circuit, $landTo->hot);
        }
        $neutral = $from === null ? $this->supply->neutral(...$circuits) : $this->neutralAt($from, $landFrom->neutral ?? Land::Line);
        $farNeutral = $this->neutralAt($to, $landTo->neutral);
        $hasGround = $cable->grounds();
        $ground = $from === null ? $this->supply->ground($circuits[0]) : $this->made->boxes[$from][4];
        $farGround = $this->made->boxes[$to][4];
        if ($this->rework->isSwapped($cable->id)) {
            [$fars[0], $farNeutral] = [$farNeutral, $fars[0]];
        }
        if ($this->rework->isHotOnGround($cable->id) && $hasGround) {
            [$fars[0], $farGround] = [$farGround, $fars[0]];
        }
        $hotStrands = array_map(
            fn(int $hot, int $far): Strand => $this->strand($cable, Conductor::Hot, $hot, $far, $awg, $feet),
            $hots,
            $fars,
        );
        $strands = count($hotStrands) > 1 ? ['hot' => $hotStrands[0], 'hot2' => $hotStrands[1]] : ['hot' => $hotStrands[0]];
        $strands['neutral'] = $this->strand($cable, Conductor::Neutral, $neutral, $farNeutral, $awg, $feet);
        if ($hasGround) {
            $strands['ground'] = $this->strand(
                $cable,
                Conductor::Ground,
                $ground,
                $farGround,
                // Metal is taken to be as good as one of the conductors in it.
                $cable->isGroundedByMetal() ? $awg : Copper::groundGauge($awg),
                $feet,
            );
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

    private function landing(Cable $cable, bool $atFrom): Landing
    {
        $point = $atFrom ? $cable->fromPoint() ?? '' : $cable->to->point;
        if ($this->rework->isLifted($point, $cable->id)) {
            return Landing::both(Land::Cap);
        }
        $landing = $this->rework->landing($cable->id, $atFrom)
            ?? ($atFrom ? $cable->landingAtStart() : $cable->landingAtEnd())
            ?? Landing::both(Land::Line);
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

        return Copper::strand($this->grid, $terminal, $near, $far, $awg, $feet);
    }

    /** Whether it is fed on LOAD, by a fault or as it is drawn, and made so that it then stays open. */
    private function refusesFeed(Point $point): bool
    {
        return $point->refusesFeedOnLoad()
            && ($this->feeds->wiring($point) === Wiring::Reversed) !== $this->rework->isReversed($point->id);
    }

    private function face(Point $point): void
    {
        [$hotLine, $hot, $neutralLine, $neutral, $ground] = $this->made->boxes[$point->id];
        if ($this->refusesFeed($point)) {
            // It feeds its face by contacts of its own, which stay open with the others.
            [$hot, $neutral] = [$hotLine, $neutralLine];
        }
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
}

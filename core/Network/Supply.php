<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\Gauge;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Leg;
use Bouclier\Core\House\Panel;

/** Panels, the feeders of sub-panels, and breakers: the part of a house's network that everything else hangs on. */
final class Supply
{
    /** Ohms of one pole of a breaker, and of one contact of a device. */
    public const CONTACT_OHMS = 0.002;

    private readonly Grid $grid;

    /** @var array<array{int, int, int, int}> legs a and b, neutral and ground of a panel, by panel id */
    private array $panels = [];

    /** @var array<int> where the second pole of a 240 V breaker leaves it, by circuit id */
    private array $secondStarts = [];

    /** @param string|null $lifted a circuit whose neutral is lifted at its panel */
    public function __construct(
        private readonly House $house,
        private readonly HouseGrid $made,
        private readonly ?string $lifted,
    ) {
        $this->grid = $made->grid;
        $this->panels();
    }

    /** Where the hot of a circuit leaves its breaker. */
    public function hot(?Circuit $circuit): int
    {
        return $circuit === null ? $this->grid->terminal() : $this->made->starts[$circuit->id];
    }

    /** Where the neutral of one circuit, or of two that share it, leaves the panel; at 240 V the other leg takes the neutral's place. */
    public function neutral(?Circuit $circuit, ?Circuit $other = null): int
    {
        $circuit = $other !== null && $other->id === $this->lifted ? $other : $circuit;
        if ($circuit !== null && isset($this->secondStarts[$circuit->id])) {
            return $this->secondStarts[$circuit->id];
        }
        if ($circuit !== null && $circuit->id === $this->lifted) {
            return $this->made->liftedNeutrals[$circuit->id] ??= $this->grid->terminal();
        }

        return $circuit === null ? Grid::REFERENCE : $this->panels[$circuit->panel][2];
    }

    public function ground(?Circuit $circuit): int
    {
        return $circuit === null ? Grid::REFERENCE : $this->panels[$circuit->panel][3];
    }

    private function panels(): void
    {
        $left = $this->house->panels;
        while ($left !== []) {
            $before = count($left);
            foreach ($left as $at => $panel) {
                $feeder = $panel->fedFrom === null ? null : $this->house->circuit($panel->fedFrom);
                if ($feeder === null || isset($this->panels[$feeder->panel])) {
                    $this->panels[$panel->id] = $feeder === null
                        ? [Grid::LEG_A, Grid::LEG_B, Grid::REFERENCE, Grid::REFERENCE]
                        : $this->subPanel($panel, $feeder);
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

            return [$to, $from === null ? null : Copper::strand($this->grid, $from, $from, $to, $gauge, $feet)];
        };
        [$busA] = $end($a, $awg);
        [$busB] = $end($b, $awg);
        [$busNeutral, $strand] = $end($neutral, $awg);
        [$busGround] = $end($ground, Copper::groundGauge($awg));
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
            $this->made->poles[$circuit->id][] = $this->grid->resistor($legs[$leg], $start, self::CONTACT_OHMS);
        }
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;

/** What eyes and hands find at a box: what looking shows, which screw moves, what a wiggle sets off. */
final readonly class Looks
{
    public const SEEN = ['wet', 'scorched', 'cracked', 'nicked', 'bare_copper', 'loose', 'ground_on_neutral'];

    /** How often something is seen that means nothing. */
    public const NOTHING = 0.02;

    private const MOVES_WHERE_LOOSE = 0.8;
    private const MOVES_ANYWAY = 0.1;
    private const WIGGLE_ARC = 0.5;
    private const WIGGLE_INTERMITTENT = 0.3;

    public function __construct(
        private House $house,
        private Draws $draws,
    ) {
    }

    /**
     * @param list<Fault> $faults
     *
     * @return list<string> some of {@see self::SEEN}
     */
    public function seen(Spot $at, array $faults, int $count): array
    {
        $chances = $this->chances($at, $faults);
        $where = $this->name($at);

        return array_values(array_filter(self::SEEN, fn(string $item): bool => $chances[$item] > 0.0
            ? $this->draws->happens("seen $where $item", $count, $chances[$item])
            : $this->draws->slips("seen $where $item", $count, self::NOTHING)));
    }

    /**
     * @param list<Fault> $faults
     *
     * @return array<string, float> chance that each thing is seen for a fault, of {@see self::SEEN}
     */
    public function chances(Spot $at, array $faults): array
    {
        $chances = array_fill_keys(self::SEEN, 0.0);
        foreach ($this->here($at, $faults) as $fault) {
            foreach ($this->shows($fault) as $item => $chance) {
                $chances[$item] = 1.0 - (1.0 - $chances[$item]) * (1.0 - $chance);
            }
        }

        return $chances;
    }

    /** @param list<Fault> $faults */
    public function moves(Spot $at, array $faults, int $count): bool
    {
        $chance = $this->movesChance($at, $faults);
        $where = $this->name($at);

        return $chance > self::MOVES_ANYWAY ? $this->draws->happens("moves $where", $count, $chance) : $this->draws->slips("moves $where", $count, $chance);
    }

    /** @param list<Fault> $faults */
    public function movesChance(Spot $at, array $faults): float
    {
        $loose = array_filter($this->here($at, $faults), fn(Fault $fault): bool => $fault->kind === FaultKind::SeriesArc || $fault->kind === FaultKind::HighResistance);

        return $loose !== [] ? self::MOVES_WHERE_LOOSE : self::MOVES_ANYWAY;
    }

    /** @return array{float, list<Fault>} chance that a wiggle sets off a fault, and what then shows */
    public function wiggle(Spot $at, Fault $fault): array
    {
        return match (true) {
            ! $this->isHere($at, $fault) => [0.0, []],
            $fault->kind === FaultKind::SeriesArc => [self::WIGGLE_ARC, [new Fault(FaultKind::ParallelArc, $fault->at)]],
            $fault->kind === FaultKind::Intermittent => [self::WIGGLE_INTERMITTENT, $fault->of],
            default => [0.0, []],
        };
    }

    /**
     * @param list<Fault> $faults
     *
     * @return list<Fault> what shows itself while it is wiggled
     */
    public function wiggled(Spot $at, array $faults, int $count): array
    {
        $shown = [];
        foreach ($faults as $number => $fault) {
            [$chance, $then] = $this->wiggle($at, $fault);
            if ($chance > 0.0 && $this->draws->happens("wiggle $number", $count, $chance)) {
                array_push($shown, ...$then);
            }
        }

        return $shown;
    }

    /**
     * @param list<Fault> $faults
     *
     * @return list<Fault> those at the place, what comes and goes among them
     */
    private function here(Spot $at, array $faults): array
    {
        $all = array_merge(...array_map(fn(Fault $fault): array => $fault->of === [] ? [$fault] : $fault->of, $faults));

        return array_values(array_filter($all, fn(Fault $fault): bool => $this->isHere($at, $fault)));
    }

    private function isHere(Spot $at, Fault $fault): bool
    {
        if ($at->appliance !== null) {
            return ($fault->at->appliance ?? $fault->at->cord) === $at->appliance;
        }
        $box = $this->boxOf($at, $at->atFrom);

        return $box !== null && $this->boxOf($fault->at, $fault->isAtNearEnd()) === $box;
    }

    /** The box a place is in: a point's own, or the one a cable comes from or goes to. */
    private function boxOf(Spot $at, bool $from): ?string
    {
        $cable = $this->house->findCable($at->cable);

        return $cable === null ? $at->point : ($from ? $cable->fromPoint() : $cable->to->point);
    }

    /** @return array<string, float> chance of each thing that can be seen */
    private function shows(Fault $fault): array
    {
        $isDry = $fault->at->point === null || $this->house->point($fault->at->point)->exposure() === Exposure::Dry;

        return match (true) {
            $fault->kind === FaultKind::NeutralGround && $fault->at->point !== null => ['ground_on_neutral' => 0.8],
            $fault->kind === FaultKind::Leak && $fault->at->point !== null => $isDry ? ['nicked' => 0.4] : ['wet' => 0.6],
            $fault->kind === FaultKind::Leak && $fault->at->cable !== null => ['nicked' => 0.2],
            $fault->kind === FaultKind::SeriesArc => ['loose' => 0.6, 'scorched' => 0.5],
            $fault->kind === FaultKind::HighResistance => ['loose' => 0.5, 'scorched' => 0.4],
            default => [],
        };
    }

    private function name(Spot $at): string
    {
        return $at->point ?? $at->appliance ?? $at->cable . ($at->atFrom ? ' from' : ' to');
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** What eyes and hands find at a box: what looking shows, which screw moves, what a wiggle sets off. */
final readonly class Looks
{
    public const SEEN = [
        'wet', 'scorched', 'cracked', 'nicked', 'bare_copper', 'loose', 'ground_on_neutral', 'pair_split', 'colours_swapped', 'jumper',
        'ground_missing', 'lone_neutral',
    ];

    /** How often something is seen that means nothing. */
    public const NOTHING = 0.02;

    private const MOVES_WHERE_LOOSE = 0.8;
    private const MOVES_ANYWAY = 0.1;

    public function __construct(
        private House $house,
        private Draws $draws,
    ) {
    }

    /**
     * @param list<ElectricalFault> $faults
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
     * @param list<ElectricalFault> $faults
     *
     * @return array<string, float> chance that each thing is seen for a fault, of {@see self::SEEN}
     */
    public function chances(Spot $at, array $faults): array
    {
        $chances = array_fill_keys(self::SEEN, 0.0);
        foreach ($this->here($at, $faults) as $fault) {
            foreach ($fault->shows($this->house) as $item => $chance) {
                $chances[$item] = 1.0 - (1.0 - $chances[$item]) * (1.0 - $chance);
            }
        }

        return $chances;
    }

    /** @param list<ElectricalFault> $faults */
    public function moves(Spot $at, array $faults, int $count): bool
    {
        $chance = $this->movesChance($at, $faults);
        $where = $this->name($at);

        return $chance > self::MOVES_ANYWAY
            ? $this->draws->happens("moves $where", $count, $chance)
            : $this->draws->slips("moves $where", $count, $chance);
    }

    /** @param list<ElectricalFault> $faults */
    public function movesChance(Spot $at, array $faults): float
    {
        $loose = array_filter($this->here($at, $faults), fn(ElectricalFault $fault): bool => $fault->isLoose());

        return $loose !== [] ? self::MOVES_WHERE_LOOSE : self::MOVES_ANYWAY;
    }

    /** @return array{float, list<ElectricalFault>} chance that a wiggle there sets off a fault, and what then shows */
    public function wiggle(Spot $at, ElectricalFault $fault): array
    {
        return $this->isHere($at, $fault) ? $fault->wiggled() : [0.0, []];
    }

    /**
     * @param list<ElectricalFault> $faults
     *
     * @return list<ElectricalFault> what shows itself while it is wiggled
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
     * @param list<ElectricalFault> $faults
     *
     * @return list<ElectricalFault> those at the place, what comes and goes among them
     */
    private function here(Spot $at, array $faults): array
    {
        $all = array_merge(...array_map(fn(ElectricalFault $fault): array => $fault->parts(), $faults));

        return array_values(array_filter($all, fn(ElectricalFault $fault): bool => $this->isHere($at, $fault)));
    }

    private function isHere(Spot $at, ElectricalFault $fault): bool
    {
        if ($at->appliance !== null) {
            return $fault->at->ofAppliance() === $at->appliance;
        }
        $box = $this->boxOf($at, $at->atFrom);

        return $box !== null && ($this->boxOf($fault->at, $fault->isAtNearEnd()) === $box || $fault->showsAlsoAt() === $box);
    }

    /** The box a place is in: a point's own, or the one a cable comes from or goes to. */
    private function boxOf(Spot $at, bool $from): ?string
    {
        $cable = $this->house->findCable($at->cable);

        return $cable === null ? $at->point : ($from ? $cable->fromPoint() : $cable->to->point);
    }

    private function name(Spot $at): string
    {
        return $at->point ?? $at->appliance ?? $at->cable . ($at->atFrom ? ' from' : ' to');
    }
}

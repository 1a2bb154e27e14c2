<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Adding;

use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Load;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Expected;
use Bouclier\Core\Network\SweepVolts;
use Bouclier\Core\Scope\Inspection;
use Bouclier\Core\Survey\UsualAppliance;

/** What speaks against a new outlet that was put into a house: by the code, by its circuit, by what would run on it. */
final readonly class TapObjections
{
    /** Part of a breaker's rating that what runs for hours may take. */
    private const CONTINUOUS_SHARE = 0.8;

    /** What is usually plugged in there. */
    private ?Appliance $usual;

    /** Amperes on the circuit, with that, by nameplate. */
    private float $amps;

    /**
     * @param Inspection $before the house as it is
     * @param Inspection $then with the outlet
     * @param Point|null $box from which it is fed; null from the panel
     * @param Circuit|null $circuit null where that is not known
     */
    public function __construct(
        private Inspection $before,
        private Inspection $then,
        private Point $outlet,
        private ?Point $box,
        private ?Circuit $circuit,
    ) {
        $usual = UsualAppliance::at($then->house, $outlet)[0] ?? null;
        $this->usual = $usual === null ? null : new Appliance(
            id: FreeId::in($then->house, 'wanted'),
            name: $usual->name,
            at: $outlet->id,
            watts: (float) $usual->watts,
            on: true,
        );
        $this->amps = $circuit === null ? 0.0 : Load::amps([
            ...Load::running($then->feeds, $circuit),
            ...($this->usual === null ? [] : [$this->usual]),
        ]);
    }

    /** @return list<string> why it may not be */
    public function refused(): array
    {
        $refused = match (true) {
            $this->circuit === null => ['Its circuit is not known: trace it first.'],
            $this->circuit->isOfBothLegs() => ["Circuit {$this->circuit->slot} {$this->circuit->label} is 240 V."],
            default => [],
        };
        foreach ($this->before->bared($this->then) as [$judged, $function]) {
            if ($judged->verdict($function) === Verdict::Missing) {
                $clause = $judged->demandsFor($function)[0]->clause;
                $refused[] = "{$judged->point->code} asks for {$function->label()} ($clause) and would have none.";
            }
        }
        array_push($refused, ...$this->found(isError: true));
        if ($this->circuit !== null && $this->amps > $this->circuit->amps) {
            $refused[] = "{$this->load($this->circuit)}.";
        }

        return array_values(array_unique($refused));
    }

    /** @return list<string> what goes with it and does not forbid it */
    public function notes(): array
    {
        $notes = $this->found(isError: false);
        if ($this->circuit !== null) {
            if ($this->box !== null && $this->then->feeds->feed($this->box)->cable === null) {
                array_unshift($notes, "What feeds {$this->box->code} is only believed.");
            }
            if ($this->amps > self::CONTINUOUS_SHARE * $this->circuit->amps && $this->amps <= $this->circuit->amps) {
                $notes[] = "{$this->load($this->circuit)}: not for hours.";
            }
            $drop = $this->dropPercent($this->circuit);
            if ($drop > SweepVolts::BRANCH_DROP_PERCENT) {
                $notes[] = sprintf('Voltage drop there: %.1f %%.', $drop);
            }
        }

        return array_values(array_unique($notes));
    }

    /** @return list<string> what it brings that was not found before */
    private function found(bool $isError): array
    {
        $found = [];
        foreach ($this->before->brought($this->then) as $ailment) {
            if (($ailment->finding->severity === Severity::Error) === $isError) {
                $found[] = $ailment->finding->why . ($ailment->finding->clause === null ? '' : " ({$ailment->finding->clause})");
            }
        }

        return $found;
    }

    private function load(Circuit $circuit): string
    {
        $beside = $this->usual === null
            ? ''
            : sprintf(' with %s (%.1f A) beside what runs', mb_strtolower($this->usual->name), $this->usual->amps());

        return sprintf('Circuit %s would carry %.1f of %s A%s', $circuit->slot, $this->amps, $circuit->amps, $beside);
    }

    /** Percent of the supply that is lost on the way, by the model. */
    private function dropPercent(Circuit $circuit): float
    {
        if ($this->usual === null) {
            return 0.0;
        }
        $house = $this->then->house;
        $with = $house->with(appliances: [...$house->appliances, $this->usual]);
        $supply = $house->lineVolts($circuit);

        return 100.0 * ($supply - (new Expected($with, new FeedMap($with)))->voltsAt($this->outlet)['hn']) / $supply;
    }
}

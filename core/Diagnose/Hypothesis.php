<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** One thing that may be the cause, as a few severities it may have. */
final readonly class Hypothesis
{
    /** How the id of a cause ends that comes and goes. */
    public const NOW_AND_THEN = ':intermittent';

    /**
     * @param non-empty-list<list<Fault>> $variants the same cause at several severities, and after them with something beside it that
     *     nobody has drawn; equally likely
     * @param float $prior before anything was seen, beside the other hypotheses
     * @param bool $comesAndGoes drawn anew whenever something is energised; else it is always there
     * @param int $order which is thought of first of several as likely: the device nearest by, before the breaker
     * @param list<Factor> $factors what has made it likelier, or less likely
     * @param string|null $startsOpen a device that stood open when it began, and need not have opened by itself
     */
    public function __construct(
        public string $id,
        public Explains $explains,
        public Spot $at,
        public array $variants,
        public float $prior,
        public bool $comesAndGoes = false,
        public ?string $startsOpen = null,
        public array $factors = [],
        public int $order = 0,
    ) {
    }

    /**
     * What is there always and what comes and goes are one thing at one place: what comes and goes may have shown each time so far. So is
     * insulation that has gone, be it to ground or to neutral; and so are leakages that add up, of appliances or of cable.
     */
    public function what(): string
    {
        if ($this->explains === Explains::LongCable) {
            return Explains::HonestSum->value;
        }
        $faults = $this->faults();
        if (count($faults) === 1 && $faults[0]->isBadInsulation()) {
            return "insulation:{$faults[0]->at->kind()}:{$faults[0]->at->id()}";
        }

        return $this->comesAndGoes ? substr($this->id, 0, -strlen(self::NOW_AND_THEN)) : $this->id;
    }

    /** Whether no device opens by it: what only takes something away. */
    public function tripsNothing(): bool
    {
        return $this->explains === Explains::Fault
            && array_filter($this->variants[0], fn(Fault $fault): bool => $fault->tripsNothing()) !== [];
    }

    /** Whether it is that leakages add up, of appliances in order or of cable. */
    public function isOfLeakage(): bool
    {
        return $this->explains === Explains::LongCable || $this->explains === Explains::HonestSum;
    }

    /** @return array{int, string} what goes first of causes as likely */
    public function order(): array
    {
        return [$this->order, $this->id];
    }

    /** The line of the table of priors it is weighed by. */
    public function line(): string
    {
        $fault = $this->fault();

        return $fault === null ? $this->explains->value : Priors::line($fault::name(), $fault->at->kind());
    }

    /** What has to be put right for it, by its id: causes with the same repair need not be told apart. */
    public function mendedAt(House $house): string
    {
        $fault = $this->fault();

        // That leakages add up is met in one way, whatever they are of.
        return match (true) {
            $fault !== null => $fault->mendedAt($house),
            $this->isOfLeakage() => 'leakage',
            default => $this->id,
        };
    }

    /** @return list<Fault> as in `faults` of a house file, at its middle severity; none of what is no fault */
    public function faults(): array
    {
        $severities = $this->severities();

        return $this->explains === Explains::Fault ? $severities[intdiv(count($severities), 2)] : [];
    }

    /** Whether how hard it shows is known: there is but one way it can be. */
    public function isSeverityKnown(): bool
    {
        return count($this->severities()) === 1;
    }

    /** @return list<list<Fault>> without what nobody has drawn beside it */
    private function severities(): array
    {
        $isAlone = fn(array $variant): bool => count($variant) === count($this->variants[0]);

        return array_values(array_filter($this->variants, $isAlone));
    }

    public function fault(): ?Fault
    {
        return $this->faults()[0] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Draws;

/** A house with a call, and what is hidden in it. What the learner is shown is the recorded house alone. */
final readonly class PracticeCase
{
    /** What of a fault says how hard it is, and not what it is; and which outlet lent a neutral, which nobody mends at. */
    private const ASIDE = ['ohms' => 0, 'trip_ma' => 0, 'chance' => 0, 'lender' => 0];

    /**
     * @param string $name names it for good: the same name is the same case
     * @param House $house as somebody has recorded it, with the call
     * @param House $asItIs the same with what its appliances truly leak
     * @param list<Fault> $hidden
     * @param list<string> $standsOpen devices that stand tripped when somebody comes
     */
    public function __construct(
        public string $name,
        public string $title,
        public CaseKind $kind,
        public House $house,
        public House $asItIs,
        public array $hidden,
        private array $standsOpen,
    ) {
    }

    /** Whether somebody has traced before what feeds what. Where not, that is half of the case: no run is drawn until the learner has. */
    public function isTraced(): bool
    {
        return $this->kind !== CaseKind::UpstreamTripped;
    }

    /** The same house with nothing wrong in it. */
    public function sound(): self
    {
        return new self($this->name, $this->title, $this->kind, $this->house, $this->asItIs, [], []);
    }

    /** @param Draws|null $draws what comes and goes, and the noise of every meter; by the name of the case, as a rule */
    public function simulation(?Draws $draws = null): Simulation
    {
        $simulation = new Simulation($this->asItIs, $this->hidden, $draws ?? Draws::seeded(crc32($this->name)));
        array_map($simulation->condition->opens(...), $this->standsOpen);

        return $simulation;
    }

    /** The same, with the call somebody makes. */
    public function called(Complaint $call): self
    {
        return new self(
            $this->name,
            $this->title,
            $this->kind,
            $this->house->with(call: new Call($call)),
            $this->asItIs,
            $this->hidden,
            $this->standsOpen,
        );
    }

    /** Whether a cause is what is hidden, or insulation gone at the same place, which is mended by the same repair. */
    public function isNamedBy(Hypothesis $cause): bool
    {
        if ($this->isJust($cause)) {
            return true;
        }
        [$theirs, $mine] = [self::faultOf($cause), $this->hidden === [] ? null : self::alwaysThere($this->hidden[0])];

        return $theirs !== null && $mine !== null && $theirs->isBadInsulation() && $mine->isBadInsulation()
            && $theirs->mendedAt($this->house) === $mine->mendedAt($this->house);
    }

    /** Whether a cause is what is hidden: of the same kind at the same place, however hard. */
    public function isJust(Hypothesis $cause): bool
    {
        if ($this->hidden === []) {
            return match ($this->kind) {
                CaseKind::UpstreamTripped => $cause->explains === Explains::UpstreamTripped
                    && in_array($cause->startsOpen, $this->standsOpen, true),
                CaseKind::SharedNeutral => $cause->explains === Explains::SharedNeutral,
                CaseKind::Overload => $cause->explains === Explains::Overload,
                default => $cause->isOfLeakage(),
            };
        }
        $theirs = self::faultOf($cause);

        return $theirs !== null && self::what($theirs) === self::what(self::alwaysThere($this->hidden[0]));
    }

    /** The one fault a cause is; null where it is none, or several at once. */
    private static function faultOf(Hypothesis $cause): ?Fault
    {
        $parts = $cause->explains === Explains::Fault ? $cause->faults() : [];

        return count($parts) === 1 ? self::alwaysThere($parts[0]) : null;
    }

    /** What comes and goes is named by what it is while it shows. */
    private static function alwaysThere(Fault $fault): Fault
    {
        $part = $fault->parts()[0] ?? $fault;

        return $part instanceof Fault ? $part : $fault;
    }

    private static function what(Fault $fault): string
    {
        return json_encode(array_diff_key($fault->said(), self::ASIDE), JSON_THROW_ON_ERROR);
    }
}

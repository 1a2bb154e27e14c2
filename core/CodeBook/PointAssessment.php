<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** What one outlet needs, what it has, and what was found there. */
final readonly class PointAssessment
{
    /** @var array<string, list<Demand>> by value of {@see Protection} */
    private array $byProtection;

    /**
     * @param list<Demand> $demands
     * @param list<Exemption> $exemptions
     * @param array<string, list<Guard>> $guards by value of {@see Protection}
     * @param array<string, list<string>> $objections why a guard that is there does not do, by value of {@see Protection}
     * @param list<Finding> $findings
     * @param list<Granted> $granted what it rests on and nobody has recorded
     */
    public function __construct(
        public Point $point,
        public Work $work,
        public array $demands,
        public array $exemptions,
        private array $guards,
        private array $objections,
        public array $findings = [],
        public array $granted = [],
    ) {
        $byProtection = [];
        foreach ($demands as $demand) {
            $byProtection[$demand->asksFor->value][] = $demand;
        }
        $this->byProtection = $byProtection;
    }

    /**
     * @param list<Finding> $findings
     * @param list<Granted> $granted
     */
    public function with(array $findings, array $granted): self
    {
        return new self(
            $this->point,
            $this->work,
            $this->demands,
            $this->exemptions,
            $this->guards,
            $this->objections,
            $findings,
            $granted,
        );
    }

    /** @return list<Demand> */
    public function demandsFor(Protection $protection): array
    {
        return $this->byProtection[$protection->value] ?? [];
    }

    /** @return list<Guard> nearest first */
    public function guards(Protection $protection): array
    {
        return $this->guards[$protection->value] ?? [];
    }

    /** @return list<string> why guards that are there do not do */
    public function objections(Protection $protection): array
    {
        return $this->objections[$protection->value] ?? [];
    }

    /** Whether something protects the outlet in a way the code accepts, or it is built as asked. */
    public function isSatisfied(Protection $protection): bool
    {
        if (! $protection->isGivenByDevices()) {
            return ($protection === Protection::Tr ? $this->point->tr : $this->point->wr) === true;
        }

        return count($this->guards($protection)) > count($this->objections($protection));
    }

    public function verdict(Protection $protection): Verdict
    {
        if ($this->demandsFor($protection) === []) {
            return $this->guards($protection) === [] ? Verdict::NotAsked : Verdict::NotAskedButPresent;
        }
        if ($this->isSatisfied($protection)) {
            return Verdict::Met;
        }

        return $this->work === Work::Existing ? Verdict::Advised : Verdict::Missing;
    }

    /** @return list<Protection> GFCI and AFCI it wants and does not have */
    public function gaps(): array
    {
        return array_values(array_filter(
            [Protection::Gfci, Protection::Afci],
            fn(Protection $protection): bool => $this->verdict($protection)->isGap(),
        ));
    }
}

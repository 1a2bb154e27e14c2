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
    /**
     * @param list<Demand> $demands
     * @param list<Exemption> $exemptions
     * @param array<string, list<Guard>> $guards by value of {@see Protection}
     * @param list<Finding> $findings
     */
    public function __construct(
        public Point $point,
        public Work $work,
        public array $demands,
        public array $exemptions,
        private array $guards,
        public array $findings,
    ) {
    }

    /** @return list<Demand> */
    public function demandsFor(Protection $protection): array
    {
        return array_values(array_filter($this->demands, fn(Demand $demand): bool => $demand->asksFor === $protection));
    }

    /** @return list<Guard> nearest first */
    public function guards(Protection $protection): array
    {
        return $this->guards[$protection->value] ?? [];
    }

    public function verdict(Protection $protection): Verdict
    {
        return Verdict::of($this->demandsFor($protection) !== [], $this->guards($protection) !== [], $this->work === Work::Existing);
    }
}

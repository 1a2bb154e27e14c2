<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Protection;

/** Which breakers a group of circuits gets. */
final readonly class BreakerChoice
{
    /**
     * @param array<BreakerType> $types by circuit id
     * @param array<bool> $changed by circuit id, those whose breaker is another
     * @param list<Item> $bought
     * @param list<non-empty-list<Circuit>> $poles circuits that are on one breaker: one, or both halves of a multiwire circuit
     * @param array<string> $areas room of the panel whose GFCI protects a circuit, by circuit id; empty where it is not known
     */
    public function __construct(
        public array $types = [],
        public array $changed = [],
        public array $bought = [],
        public array $poles = [],
        private array $areas = [],
    ) {
    }

    /** With that of other circuits. */
    public function and(self $other): self
    {
        return new self(
            $this->types + $other->types,
            $this->changed + $other->changed,
            [...$this->bought, ...$other->bought],
            [...$this->poles, ...$other->poles],
            $this->areas + $other->areas,
        );
    }

    /** @param array<string> $areas as for the constructor */
    public function resetIn(array $areas): self
    {
        return new self($this->types, $this->changed, $this->bought, $this->poles, $areas);
    }

    public function gives(?Circuit $circuit, Protection $function): bool
    {
        $type = $circuit === null ? null : $this->types[$circuit->id] ?? null;

        return $type !== null && match ($function) {
            Protection::Gfci => $type->givesGfci(),
            Protection::Afci => $type->givesAfci(),
            default => false,
        };
    }

    /** Where the GFCI is reset that protects a circuit from its panel, or from the one above; null where none does. */
    public function resetAt(?Circuit $circuit): ?string
    {
        return $circuit === null ? null : $this->areas[$circuit->id] ?? null;
    }

    /** @return list<non-empty-list<Circuit>> circuits on each breaker that is a GFCI */
    public function gfciPoles(): array
    {
        return array_values(array_filter($this->poles, fn(array $circuits): bool => $this->gives($circuits[0], Protection::Gfci)));
    }

    public function isChanged(?Circuit $circuit): bool
    {
        return $circuit !== null && isset($this->changed[$circuit->id]);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

/** A breaker switched off: the dead are on it, the live are not. */
final readonly class CircuitOff implements Observation
{
    /**
     * @param list<string> $dead
     * @param list<string> $live
     */
    public function __construct(
        public string $circuit,
        public array $dead,
        public array $live,
    ) {
    }

    public function points(): array
    {
        return [...$this->dead, ...$this->live];
    }

    public function spoken(Codes $codes): string
    {
        return "With {$codes->circuit($this->circuit)} off, {$codes->list($this->dead)} went dead"
            . ($this->live === [] ? '' : " and {$codes->list($this->live)} stayed live");
    }
}

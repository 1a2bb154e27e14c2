<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

/** The tester's button at an outlet, and what it tripped. Nothing, where there is no ground to leak into, proves nothing. */
final readonly class ButtonPressed implements Observation
{
    /** @param list<string> $tripped ids of devices, or of circuits for their breakers */
    public function __construct(
        public string $point,
        public array $tripped,
    ) {
    }

    public function points(): array
    {
        return [$this->point];
    }

    public function spoken(Codes $codes): string
    {
        $tripped = implode(' and ', array_map($codes->either(...), $this->tripped));

        return "The tester's button at {$codes->point($this->point)} tripped " . ($tripped === '' ? 'nothing' : $tripped);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What a tester's pattern at an outlet means, and what it cannot show. */
final readonly class SweepReading
{
    private function __construct(
        public string $means,
        public ?string $cannotShow,
        public bool $isCorrect,
    ) {
    }

    public static function of(Lamps $lamps): self
    {
        $wirings = OutletWiring::showing($lamps);
        if ($wirings === []) {
            return new self(
                'No single fault shows this pattern: try the tester on an outlet that is known to be right, then read again.',
                null,
                false,
            );
        }
        $first = $wirings[0];
        $others = array_map(fn(OutletWiring $wiring): string => $wiring->label(), array_slice($wirings, 1));
        if ($first === OutletWiring::Correct) {
            return new self(
                'Reads correct.',
                'The same lamps show with ' . implode(', or ', $others) . ', and with a ground of high resistance.',
                true,
            );
        }

        return new self(
            ucfirst($first->label()) . '.',
            $others === [] ? null : 'Or ' . implode(', or ', $others) . ': the lamps are the same.',
            false,
        );
    }
}

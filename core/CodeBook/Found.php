<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/**
 * For a {@see Check}: a finding, with what is known of its kind beforehand.
 *
 * @phpstan-require-implements Check
 */
trait Found
{
    /**
     * @param string $what a key of {@see Check::finds()}: the id, with a word more where one finding has several clauses
     * @param list<string> $points the points it names
     * @param string|null $clause in place of its own: that of the rule it says is not met
     */
    private function found(
        string $what,
        Site|Context $at,
        Severity $severity,
        string $why,
        ?string $circuit = null,
        ?string $area = null,
        array $points = [],
        ?string $clause = null,
    ): Finding {
        $kind = $this->finds()[$what];

        return new Finding(
            explode(', ', $what)[0],
            $severity,
            $clause ?? $kind->clauses->in($at->edition),
            $why . ($kind->clauses->isLikely($at->edition) ? ' ' . Clauses::ASK : ''),
            $kind->hazard,
            $circuit,
            $area,
            $points,
            $kind->isAcute,
        );
    }
}

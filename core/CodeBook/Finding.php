<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Something an electrician would want to know without asking: what, how bad, by which clause, and the fact it rests on. */
final readonly class Finding
{
    /**
     * @param string|null $clause null where no clause says so, only sense
     * @param string $why the fact, and why it matters
     * @param Hazard $hazard what can hurt now, whatever its severity
     * @param string|null $circuit the circuit it is about, when it is about one as a whole
     * @param string|null $area the room it is about, when it is about one as a whole
     * @param list<string> $points the points it names
     * @param bool $isAcute whether it can hurt as it is, with nothing else failing
     */
    public function __construct(
        public string $id,
        public Severity $severity,
        public ?string $clause,
        public string $why,
        public Hazard $hazard,
        public ?string $circuit = null,
        public ?string $area = null,
        public array $points = [],
        public bool $isAcute = false,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Concerns;

use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Severity;

/** What one cure mends, at however many outlets it shows. */
final readonly class Concern
{
    /**
     * @param string $id steady as long as it is the same thing at the same place
     * @param string $finding the id of the findings it stands for
     * @param string|null $cure of protection that is missing; a fault says itself what to do
     * @param list<string> $points the outlets it shows at, in walking order
     * @param bool $isTraced away: it goes when the runs are known
     */
    public function __construct(
        public string $id,
        public string $finding,
        public Urgency $urgency,
        public Severity $severity,
        public Hazard $hazard,
        public ?string $clause,
        public string $what,
        public ?string $cure,
        public array $points,
        public bool $isTraced = false,
    ) {
    }

    /**
     * What goes first: what hurts, a shock before a fire, a fault before what only lacks protection, an error before advice, more outlets
     * before fewer.
     *
     * @return list<int|string>
     */
    public function order(): array
    {
        return [
            (int) array_search($this->urgency, Urgency::cases(), true),
            (int) array_search($this->hazard, Hazard::cases(), true),
            $this->cure === null ? 0 : 1,
            (int) array_search($this->severity, Severity::cases(), true),
            -count($this->points),
            $this->id,
        ];
    }
}

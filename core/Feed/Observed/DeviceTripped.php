<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

/** TEST pressed at a protective device: what died beside its own face is reached through its LOAD. What was dead already proves nothing. */
final readonly class DeviceTripped implements Observation
{
    /**
     * @param list<string> $dead
     * @param list<string> $live
     * @param list<string> $alreadyDead
     */
    public function __construct(
        public string $at,
        public array $dead,
        public array $live,
        public array $alreadyDead = [],
    ) {
    }

    /** @return list<string> what died by this trip alone, the device's own face left out */
    public function died(): array
    {
        return array_values(array_diff($this->dead, $this->alreadyDead, [$this->at]));
    }

    public function points(): array
    {
        return [$this->at, ...$this->dead, ...$this->live];
    }

    public function spoken(Codes $codes): string
    {
        return "TEST at {$codes->point($this->at)} killed {$codes->list($this->died(), 'nothing else')}"
            . ($this->live === [] ? '' : " and left {$codes->list($this->live)} live");
    }
}

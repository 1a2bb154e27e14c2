<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\LengthUnit;

/** Who asks what may be touched, and when: a proof has an age, and a helper's opens nothing for others. */
final readonly class Asker
{
    /**
     * @param string $now ISO 8601
     * @param string $name as it is written beside what is filed
     * @param string|null $helper the id of a helper, null for who may work on his own proof and others'
     * @param LengthUnit|null $unit what lengths are said in; null for what the code of the house goes by
     * @param string|null $command of what is done, its own id: what is new in the house gets ids from it, on a phone and on the server
     * @param array<string> $gave the codes new rooms and outlets had where it was done before it came here, by id
     * @param bool $isLate whether it was done before it came here, and taken there
     * @param string|null $heardAt ISO 8601, since when whoever asks has heard nothing of what others do; null where he hears of it
     */
    public function __construct(
        public string $now,
        public string $name = '',
        public ?string $helper = null,
        public ?LengthUnit $unit = null,
        public ?string $command = null,
        public array $gave = [],
        public bool $isLate = false,
        public ?string $heardAt = null,
    ) {
    }

    /** The date, ISO 8601. */
    public function day(): string
    {
        return substr($this->now, 0, 10);
    }
}

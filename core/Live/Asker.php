<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

/** Who asks what may be touched, and when: a proof has an age, and a helper's opens nothing for others. */
final readonly class Asker
{
    /**
     * @param string $now ISO 8601
     * @param string $name as it is written beside what is filed
     * @param string|null $helper the id of a helper, null for who may work on his own proof and others'
     */
    public function __construct(
        public string $now,
        public string $name = '',
        public ?string $helper = null,
    ) {
    }
}

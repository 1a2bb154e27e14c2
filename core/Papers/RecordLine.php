<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

/** One thing that was measured or seen at an outlet or a breaker. */
final readonly class RecordLine
{
    /**
     * @param string $what was done
     * @param string $read what it showed, in words
     * @param bool|null $passed null where it is only a reading
     * @param string|null $at ISO 8601
     * @param string|null $instrument by name
     */
    public function __construct(
        public string $what,
        public string $read,
        public ?bool $passed,
        public ?string $at,
        public ?string $who,
        public ?string $instrument = null,
    ) {
    }
}

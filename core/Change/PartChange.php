<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** One part of a house as it was and as it is: what a revision keeps, and what turns it back. */
final readonly class PartChange
{
    public const HOUSE = 'house';

    /** The order of a list, whose name is then the id: `before` and `after` are `{ ids }`. */
    public const ORDER = 'order';

    /**
     * @param string $in the file's list (`points`), {@see self::HOUSE} for what belongs to the house as a whole, or {@see self::ORDER}
     * @param string $id the part's id, empty for the house
     * @param \stdClass|null $before null when the part is new
     * @param \stdClass|null $after null when the part is gone
     * @param int $position where in its list the part stands, or stood
     */
    public function __construct(
        public string $in,
        public string $id,
        public ?\stdClass $before,
        public ?\stdClass $after,
        public int $position,
    ) {
    }

    public function inverse(): self
    {
        return new self($this->in, $this->id, $this->after, $this->before, $this->position);
    }

    /** @param object{in: string, id: string, before: \stdClass|null, after: \stdClass|null, position: int} $stored */
    public static function fromStored(object $stored): self
    {
        return new self($stored->in, $stored->id, $stored->before, $stored->after, $stored->position);
    }
}

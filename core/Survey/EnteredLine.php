<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/** What a quick-entry line says: one part of the house to be added or changed, echoed in words; or what is wrong with it. */
final readonly class EnteredLine
{
    /**
     * @param string $in the list of the house file it is about, empty while nothing can be told
     * @param string $id of the part, new or not
     * @param bool $isNew whether the part is added
     * @param array<string, mixed> $set the fields it says, as the house file writes them
     * @param string $echo what was understood so far, in words
     * @param list<EntryFault> $faults in the order of the line
     * @param list<self> $also what the same line says of other parts
     * @param string|null $area the room the line is about: the next line goes on there
     */
    public function __construct(
        public string $in,
        public string $id,
        public bool $isNew,
        public array $set,
        public string $echo,
        public array $faults,
        public ?string $area = null,
        public array $also = [],
    ) {
    }

    /** @param list<self> $also */
    public function with(array $also): self
    {
        return new self($this->in, $this->id, $this->isNew, $this->set, $this->echo, $this->faults, $this->area, $also);
    }

    public function isReady(): bool
    {
        return $this->in !== '' && $this->faults === [];
    }
}

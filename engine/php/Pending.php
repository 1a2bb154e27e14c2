<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Change\PartChange;

/** Something told on this phone that the copy of the house from the server does not have yet. */
final readonly class Pending
{
    /**
     * @param string $path below the house, as it is sent
     * @param string $at when it was done, ISO 8601
     * @param list<PartChange>|null $parts what it changed that undo could take back; null where it did nothing of the kind
     * @param int|null $revision that of the house on the server with it; null while the server has not answered
     */
    public function __construct(
        public string $id,
        public string $path,
        public \stdClass $body,
        public string $at,
        public ?string $summary = null,
        public ?array $parts = null,
        public ?int $revision = null,
    ) {
    }

    /** @param list<PartChange>|null $parts */
    public function did(?string $summary, ?array $parts): self
    {
        return new self($this->id, $this->path, $this->body, $this->at, $summary, $parts, $this->revision);
    }

    public function arrived(int $revision): self
    {
        return new self($this->id, $this->path, $this->body, $this->at, $this->summary, $this->parts, $revision);
    }
}

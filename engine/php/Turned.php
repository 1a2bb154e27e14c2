<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Change\PartChange;

/** A change of this phone that undo can take back, or redo do again. */
final readonly class Turned
{
    /** @param list<PartChange> $parts what is taken back */
    public function __construct(public string $summary, public array $parts)
    {
    }

    /** @param \stdClass $sent as the server keeps it */
    public static function fromSent(\stdClass $sent): self
    {
        /** @var list<object{in: string, id: string, before: \stdClass|null, after: \stdClass|null, position: int}> $parts */
        $parts = is_array($sent->parts ?? null) ? $sent->parts : [];

        return new self(is_string($sent->summary ?? null) ? $sent->summary : '', array_map(PartChange::fromStored(...), $parts));
    }
}

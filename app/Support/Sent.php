<?php

declare(strict_types=1);

namespace App\Support;

/** How a command came: with an id of its own, and what was known there when it was done. */
final readonly class Sent
{
    /**
     * @param string|null $id made where it was done; null where nobody asks whether it came in
     * @param string|null $at when it was done, ISO 8601, by the clock of the server; null for now
     * @param int|null $knew the revision of the house that was known there
     * @param array<string> $gave the codes that new rooms and outlets had there, by id
     * @param bool $isLate it was carried out there, before it came here
     * @param string|null $after the id of the line it was typed after
     */
    public function __construct(
        public ?string $id = null,
        public ?string $at = null,
        public ?int $knew = null,
        public array $gave = [],
        public bool $isLate = false,
        public ?string $after = null,
    ) {
    }
}

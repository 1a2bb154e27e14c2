<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

/**
 * Something left to be done, or demanded in writing: it stays open until it is closed with evidence. As `records.open_items` of the house
 * file.
 */
final readonly class OpenItem
{
    /**
     * @param string|null $source who asks for it and where that is written: "Inspection of 2 March, item 4"
     * @param string|null $due a date
     * @param string|null $at when it was entered, ISO 8601
     */
    public function __construct(
        public string $text,
        public ?string $source = null,
        public ?string $point = null,
        public ?string $due = null,
        public ?string $at = null,
        public ?string $who = null,
        public ?string $closedAt = null,
        public ?string $closedBy = null,
        public ?string $evidence = null,
        public ?string $id = null,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->closedAt === null;
    }

    public static function fromData(\stdClass $data): self
    {
        $text = fn(string $key): ?string => is_string($data->{$key} ?? null) ? $data->{$key} : null;

        return new self(
            $text('text') ?? '',
            $text('source'),
            $text('point'),
            $text('due'),
            $text('at_time'),
            $text('who'),
            $text('closed_at'),
            $text('closed_by'),
            $text('evidence'),
            $text('id'),
        );
    }

    public function toData(): \stdClass
    {
        return (object) array_filter([
            'id' => $this->id,
            'text' => $this->text,
            'source' => $this->source,
            'point' => $this->point,
            'due' => $this->due,
            'at_time' => $this->at,
            'who' => $this->who,
            'closed_at' => $this->closedAt,
            'closed_by' => $this->closedBy,
            'evidence' => $this->evidence,
        ], fn(?string $said): bool => $said !== null);
    }
}

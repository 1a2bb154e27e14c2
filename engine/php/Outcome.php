<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Change\Patch;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What came of something told on this phone. */
final readonly class Outcome
{
    /**
     * @param array{in: string, id: string, area: string|null, echo: string, changes: bool}|null $entered what a line was about
     * @param list<Patch>|null $sent what a line is sent as
     * @param string $address of the command
     * @param array<string> $gave codes of new rooms and outlets by id
     */
    public function __construct(
        public Pending $pending,
        public ?array $entered,
        public ?array $sent,
        public string $address,
        public array $gave = [],
    ) {
    }

    public function from(House $before, House $after): self
    {
        $old = array_map(fn(Area|Point $one): string => $one->id, [...$before->areas, ...$before->points]);
        $new = array_filter([...$after->areas, ...$after->points], fn(Area|Point $one): bool => ! in_array($one->id, $old, true));

        return new self($this->pending, $this->entered, $this->sent, $this->address, array_column($new, 'code', 'id'));
    }

    /**
     * The rooms it is about, where it is about nothing else: they are shown before the whole house is worked out.
     *
     * @return list<string>|null their ids
     */
    public function rooms(): ?array
    {
        $rooms = [];
        foreach ($this->pending->parts ?? [] as $part) {
            $isSet = $part->before !== null && $part->after !== null;
            $touched = match (true) {
                $part->in === 'points' => [$part->before->area ?? null, $part->after->area ?? null],
                $part->in === 'areas' && $isSet => [$part->id],
                default => null,
            };
            if ($touched === null) {
                return null;
            }
            $rooms = [...$rooms, ...array_filter($touched, is_string(...))];
        }

        return $rooms === [] ? null : array_values(array_unique($rooms));
    }
}

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
}

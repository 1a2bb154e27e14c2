<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\House;

/** Which circuits of a house are the two halves of one two-pole protective breaker: they open and close as one, by one sensor. */
final readonly class TwoPoleBreakers
{
    /** @param array<string> $others the other half, by circuit id */
    private function __construct(private array $others)
    {
    }

    public static function in(House $house): self
    {
        $others = [];
        foreach ($house->circuits as $circuit) {
            $other = $house->onOneBreaker($circuit);
            $others += $other === null ? [] : [$circuit->id => $other->id];
        }

        return new self($others);
    }

    /** @return non-empty-list<string> a device or breaker, and the other half where it has one */
    public function together(string $id): array
    {
        return isset($this->others[$id]) ? [$id, $this->others[$id]] : [$id];
    }
}

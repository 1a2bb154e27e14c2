<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** Names that belong together, joined as it is found (disjoint sets). */
final class Groups
{
    /** @var array<string, string> the name each one is under */
    private array $under = [];

    public function join(string ...$names): void
    {
        $first = null;
        foreach ($names as $name) {
            $root = $this->root($name);
            $first ??= $root;
            $this->under[$root] = $first;
        }
    }

    /** @return list<array<string, true>> */
    public function all(): array
    {
        $groups = [];
        foreach (array_keys($this->under) as $name) {
            $groups[$this->root($name)][$name] = true;
        }

        return array_values($groups);
    }

    private function root(string $name): string
    {
        $this->under[$name] ??= $name;
        while ($this->under[$name] !== $name) {
            $name = $this->under[$name];
        }

        return $name;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;

/** Ids as people say them: location codes of points, slot and label of circuits. */
final readonly class Codes
{
    public function __construct(private House $house)
    {
    }

    public function point(string $id): string
    {
        return $this->house->point($id)->code;
    }

    public function circuit(string $id): string
    {
        $circuit = $this->house->circuit($id);

        return "breaker {$circuit->slot} {$circuit->label}";
    }

    public function either(string $id): string
    {
        return $this->house->hasPoint($id) ? $this->point($id) : $this->circuit($id);
    }

    /** @param list<string> $ids */
    public function list(array $ids, string $none = 'nothing'): string
    {
        $codes = array_map($this->point(...), $ids);
        $last = array_pop($codes);

        return match (true) {
            $last === null => $none,
            $codes === [] => $last,
            default => implode(', ', $codes) . " and $last",
        };
    }
}

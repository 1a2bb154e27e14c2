<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\KnownPlaces;

/** The `faults` of a house file. The schema has seen their shape; here it is checked that they are at places that are there. */
final class FaultList
{
    /** @var list<FileFault> */
    public array $wrong = [];

    /** @var list<Fault> */
    public array $all = [];

    private function __construct(private readonly KnownPlaces $places)
    {
    }

    public static function of(House $house): self
    {
        $faults = new self(new KnownPlaces($house));
        $section = $house->sections['faults'] ?? [];
        foreach (is_array($section) ? array_values($section) : [] as $index => $data) {
            if ($data instanceof \stdClass) {
                $faults->all[] = $faults->fault($data, "/faults/$index");
            }
        }

        return $faults;
    }

    private function fault(\stdClass $data, string $pointer): Fault
    {
        $kind = Kinds::named(is_string($data->kind ?? null) ? $data->kind : '');
        $of = $data->of ?? [];
        $parts = [];
        foreach (is_array($of) ? array_values($of) : [$of] as $index => $one) {
            if ($one instanceof \stdClass && $kind::places() === []) {
                $parts[] = $this->fault($one, is_array($of) ? "$pointer/of/$index" : "$pointer/of");
            }
        }
        $said = new SaidOfFault($data, $pointer, $this->places, $parts);
        if ($kind::places() !== []) {
            $said->isAt($kind::places());
        }
        $fault = $kind::of($said);
        array_push($this->wrong, ...$said->wrong);

        return $fault;
    }
}

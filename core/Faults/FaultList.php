<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\KnownPlaces;
use Bouclier\Core\House\Loose;

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
        foreach ($house->faults ?? [] as $number => $said) {
            $faults->all[] = $faults->fault($said, "/faults/$number");
        }

        return $faults;
    }

    private function fault(Loose $data, string $pointer): Fault
    {
        $kind = Kinds::named($data->text('kind') ?? '');
        $parts = [];
        foreach ($kind::places() === [] ? $data->parts('of') : [] as $number => $one) {
            $parts[] = $this->fault($one, $data->isList('of') ? "$pointer/of/$number" : "$pointer/of");
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

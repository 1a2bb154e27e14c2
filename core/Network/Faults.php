<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;

/** The `faults` of a house file. The schema has seen their shape; here it is checked that they are at places that are there. */
final class Faults
{
    /** @var list<FileFault> */
    public array $wrong = [];

    /** @var list<Fault> */
    public array $all = [];

    private function __construct(private readonly Places $places)
    {
    }

    public static function of(House $house): self
    {
        $faults = new self(new Places($house));
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
        $kind = FaultKind::tryFrom(is_string($data->kind ?? null) ? $data->kind : '') ?? FaultKind::Leak;
        if ($kind === FaultKind::Intermittent) {
            return $this->intermittent($data, $pointer);
        }
        $at = ($data->at ?? null) instanceof \stdClass ? Spot::fromData($data->at) : new Spot();
        $this->wrong = [...$this->wrong, ...$this->places->faults($at, $kind->places(), "$pointer/at")];
        $ohms = is_numeric($data->ohms ?? null) ? (float) $data->ohms : 0.0;
        if ($kind->needsOhms() && $ohms <= 0.0) {
            $this->wrong[] = new FileFault("$pointer/ohms", 'resistance has to be said');
        }
        $conductor = Conductor::tryFrom(is_string($data->conductor ?? null) ? $data->conductor : '');
        if ($kind->needsConductor() && $conductor === null) {
            $this->wrong[] = new FileFault("$pointer/conductor", 'which conductor has to be said');
        }
        if ($kind === FaultKind::Open && $at->point !== null && $conductor !== Conductor::Ground) {
            $this->wrong[] = new FileFault("$pointer/conductor", 'at a point only the ground pigtail can be open');
        }
        $lender = ($data->lender ?? null) instanceof \stdClass ? Spot::fromData($data->lender) : null;
        if ($kind === FaultKind::BorrowedNeutral) {
            $this->wrong = [...$this->wrong, ...$this->places->faults($lender ?? new Spot(), ['point'], "$pointer/lender")];
        }
        $tripMa = is_numeric($data->trip_ma ?? null) ? (float) $data->trip_ma : null;
        if ($kind === FaultKind::WeakDevice && $tripMa === null) {
            $this->wrong[] = new FileFault("$pointer/trip_ma", 'the current it trips at has to be said');
        }

        $landing = self::landing($data);
        if ($kind === FaultKind::Land && $landing === null) {
            $this->wrong[] = new FileFault($pointer, 'where hot and neutral land has to be said');
        }

        return new Fault($kind, $at, $ohms, $conductor, $landing, $lender?->point, $tripMa);
    }

    private function intermittent(\stdClass $data, string $pointer): Fault
    {
        $of = $data->of ?? [];
        $list = array_values(array_filter(is_array($of) ? $of : [$of], fn(mixed $one): bool => $one instanceof \stdClass));
        if ($list === []) {
            $this->wrong[] = new FileFault("$pointer/of", 'what comes and goes has to be said');
        }
        $chance = is_numeric($data->chance ?? null) ? (float) $data->chance : 1.0;
        $parts = [];
        foreach ($list as $index => $one) {
            $parts[] = $this->fault($one, is_array($of) ? "$pointer/of/$index" : "$pointer/of");
        }

        return new Fault(FaultKind::Intermittent, $parts[0]->at ?? new Spot(), of: $parts, chance: $chance);
    }

    private static function landing(\stdClass $data): ?Landing
    {
        $land = fn(string $key): ?Land => is_string($data->{$key} ?? null) ? Land::tryFrom($data->{$key}) : null;
        $hot = $land('hot');
        $neutral = $land('neutral');

        return $hot === null && $neutral === null ? null : new Landing($hot ?? $neutral, $neutral ?? $hot);
    }
}

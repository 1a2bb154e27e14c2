<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How places are spoken of: location codes, breakers by their slot, appliances by their name. */
final readonly class Places
{
    public function __construct(public House $house)
    {
    }

    public function spot(Spot $spot): string
    {
        return match (true) {
            $spot->point !== null => $this->point($spot->point),
            $spot->circuit !== null => $this->circuit($spot->circuit),
            $spot->cable !== null => $this->cable($spot->cable),
            $spot->appliance !== null || $spot->cord !== null => 'the ' . $this->appliance($spot->appliance ?? $spot->cord ?? ''),
            default => 'there',
        };
    }

    public function point(string $id): string
    {
        return $this->house->hasPoint($id) ? $this->house->point($id)->code : $id;
    }

    public function circuit(string $id): string
    {
        foreach ($this->house->circuits as $circuit) {
            if ($circuit->id === $id) {
                return trim("breaker {$circuit->slot} {$circuit->label}");
            }
        }

        return $id;
    }

    /** A device or a breaker. */
    public function device(string $id): string
    {
        return $this->house->hasPoint($id) ? $this->point($id) : $this->circuit($id);
    }

    public function cable(string $id): string
    {
        $cable = $this->house->findCable($id);

        return $cable === null ? $id : "the cable to {$this->point($cable->to->point)}";
    }

    public function appliance(string $id): string
    {
        $name = $this->house->findAppliance($id)->name ?? $id;

        return mb_strtolower(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }

    /** Where an appliance hangs as a rule. */
    public function outletOf(string $id): ?string
    {
        return $this->house->findAppliance($id)?->at;
    }

    /** The box a cable comes from, or the panel. */
    /** The circuit a cable leaves the panel on; null where it comes from a box. */
    public function feeds(string $cable): ?string
    {
        $from = $this->house->findCable($cable)?->from;

        return $from instanceof CableOrigin ? $from->circuits[0] : null;
    }

    public function start(string $cable): string
    {
        $from = $this->house->findCable($cable)?->fromPoint();

        return $from === null ? 'the panel' : $this->point($from);
    }

    public function end(string $cable): string
    {
        $to = $this->house->findCable($cable)?->to->point;

        return $to === null ? $cable : $this->point($to);
    }

    public function endPoint(string $cable): ?string
    {
        return $this->house->findCable($cable)?->to->point;
    }

    /** Whether a cable is recorded to have no ground: there is none to mend. */
    public function hasNoGround(string $cable): bool
    {
        return $this->house->findCable($cable)?->grounds() === false;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Spot;

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
        $cable = $this->find($id);

        return $cable === null ? $id : "the cable to {$this->point($cable->to->point)}";
    }

    public function appliance(string $id): string
    {
        foreach ($this->house->appliances as $appliance) {
            if ($appliance->id === $id) {
                return mb_strtolower(mb_substr($appliance->name, 0, 1)) . mb_substr($appliance->name, 1);
            }
        }

        return $id;
    }

    public function appliancesAt(string $id): ?string
    {
        foreach ($this->house->appliances as $appliance) {
            if ($appliance->id === $id) {
                return $appliance->at;
            }
        }

        return null;
    }

    /** The box a cable comes from, or the panel. */
    public function start(string $cable): string
    {
        $from = $this->find($cable)?->fromPoint();

        return $from === null ? 'the panel' : $this->point($from);
    }

    public function end(string $cable): string
    {
        $to = $this->find($cable)?->to->point;

        return $to === null ? $cable : $this->point($to);
    }

    public function endPoint(string $cable): ?string
    {
        return $this->find($cable)?->to->point;
    }

    /** Whether a cable is recorded to have no ground: there is none to mend. */
    public function hasNoGround(string $cable): bool
    {
        return $this->find($cable)?->ground === false;
    }

    private function find(string $id): ?Cable
    {
        foreach ($this->house->cables as $cable) {
            if ($cable->id === $id) {
                return $cable;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;

/**
 * The parts of a house's wiring that share nothing but the buses of its main panels. Those are held, so that no part feels what another
 * does: each can be solved by itself, as long as nothing is wrong that joins two.
 */
final class Islands
{
    /** @var array<string> another place on the same island, by a place that is not the one that stands for it */
    private array $joined = [];

    public function __construct(private readonly House $house)
    {
        foreach ($house->circuits as $circuit) {
            $feeder = $house->panel($circuit->panel)->fedFrom;
            foreach (array_filter([$feeder, $circuit->multiwireWith], is_string(...)) as $other) {
                $this->join(self::circuit($circuit->id), self::circuit($other));
            }
        }
        foreach ($house->cables as $cable) {
            foreach (self::startsAt($cable) as $start) {
                $this->join($start, self::point($cable->to->point));
            }
        }
    }

    /** Which island a point is on. */
    public function ofPoint(string $point): string
    {
        return $this->find(self::point($point));
    }

    public function ofCircuit(string $circuit): string
    {
        return $this->find(self::circuit($circuit));
    }

    /** @return list<Appliance> that run on it */
    public function runningOn(string $island): array
    {
        return array_values(array_filter(
            $this->house->appliances,
            fn(Appliance $one): bool => $one->isOn() && $one->at !== null && $this->ofPoint($one->at) === $island,
        ));
    }

    /** The house with nothing in it but what is on one island. */
    public function alone(string $island): House
    {
        $isOn = fn(string $place): bool => $this->find($place) === $island;
        $points = array_values(array_filter($this->house->points, fn(Point $point): bool => $isOn(self::point($point->id))));
        $ids = array_column($points, 'id', 'id');

        return $this->house->with(
            panels: array_values(array_filter(
                $this->house->panels,
                fn(Panel $panel): bool => $panel->fedFrom === null || $isOn(self::circuit($panel->fedFrom)),
            )),
            circuits: array_values(
                array_filter($this->house->circuits, fn(Circuit $circuit): bool => $isOn(self::circuit($circuit->id))),
            ),
            points: $points,
            cables: array_values(array_filter($this->house->cables, fn(Cable $cable): bool => isset($ids[$cable->to->point]))),
            appliances: array_values(
                array_filter($this->house->appliances, fn(Appliance $appliance): bool => isset($ids[$appliance->at ?? ''])),
            ),
        );
    }

    /** @return list<string> */
    private static function startsAt(Cable $cable): array
    {
        return $cable->from instanceof CableOrigin
            ? array_map(self::circuit(...), $cable->from->circuits)
            : [self::point($cable->from->point)];
    }

    private function join(string $one, string $other): void
    {
        [$one, $other] = [$this->find($one), $this->find($other)];
        if ($one !== $other) {
            $this->joined[$one] = $other;
        }
    }

    private function find(string $place): string
    {
        while (isset($this->joined[$place])) {
            $place = $this->joined[$place];
        }

        return $place;
    }

    private static function circuit(string $id): string
    {
        return "circuit $id";
    }

    private static function point(string $id): string
    {
        return "point $id";
    }
}

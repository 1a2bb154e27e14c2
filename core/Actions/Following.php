<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\ElectricalFault;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Light;
use Bouclier\Core\Network\Looks;

/**
 * A cause as it is followed through what is done: what an action asks of the ways the house may stand under it, and what it does to them.
 */
interface Following
{
    public function house(): House;

    public function instruments(): Instruments;

    public function looks(): Looks;

    /** @return list<ElectricalFault> what the cause consists of, whether it shows just now or not */
    public function faults(): array;

    public function grid(World $world): HouseGrid;

    /** The network without the cause, where its severity is not known: what the cause adds may be more, or less. */
    public function without(World $world): ?HouseGrid;

    /**
     * Milliamperes through the sensor of a device with the cause, and without it where its severity is not known.
     *
     * @return array{Supposed, float}
     */
    public function residual(World $world, string $device): array;

    /**
     * What a clamp round a cable should read, of all conductors together and of each, and without the cause where its severity is not
     * known.
     *
     * @return array<string, array{Supposed, float}>
     */
    public function clamp(World $world, string $cable): array;

    public function hasPower(World $world, string $device): bool;

    public function isDead(string $device): bool;

    /** Whether a device that watches for something would open on its own button. */
    public function answersTest(World $world, string $device): bool;

    /** What its own light or handle shows, if that is what the light means. */
    public function light(World $world, string $device, DeviceLight $means): Light;

    /** @return list<string> ids of points without voltage */
    public function dead(World $world): array;

    /** What an action changes in how the house stands, before anything opens by it. */
    public function done(World $world, Action $action): World;

    /**
     * What comes and goes shows, or does not.
     *
     * @param int $times it is drawn; showing once is showing
     *
     * @return non-empty-list<World>
     */
    public function drawn(World $world, int $times = 1): array;

    /** @return non-empty-list<World> each way it may go when everything opens that does, and nobody looks */
    public function settled(World $world): array;

    /**
     * What opened was seen: how likely that was goes into the weight.
     *
     * @param list<string> $tripped
     */
    public function observe(World $world, array $tripped): void;

    /** @return list<string> breakers that open if it goes on like this */
    public function overloaded(World $world): array;

    /** @return array{float, list<ElectricalFault>} chance that a wiggle sets something off, and what then shows */
    public function wiggled(Spot $at): array;

    /** How likely so many days with a trip are. */
    public function trial(World $world, string $device, int $days, int $trips): float;

    /**
     * @param list<string> $ids
     *
     * @return list<string> those of devices and breakers that are there
     */
    public function protectors(array $ids): array;
}

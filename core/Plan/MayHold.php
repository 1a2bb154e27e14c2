<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Device;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Tab;

/** Which devices a box may hold, and why it may hold no protective one. */
final readonly class MayHold
{
    private const PROTECTIVE = [Device::Gfci, Device::Afci, Device::Dual];

    /** @return non-empty-list<Device> what is there now first, where it may stay */
    public static function at(Point $point, Strategy $strategy): array
    {
        if (! $strategy->opensBoxes() || ! $point->isReceptacle()) {
            return [$point->device];
        }
        $bought = [Device::Standard, ...(self::whyNoDevice($point) === null ? self::PROTECTIVE : [])];
        $stays = $point->accessible() || ! $point->device->feedsThrough();

        $others = array_values(array_filter($bought, fn(Device $one): bool => $one !== $point->device));

        return $stays ? [$point->device, ...$others] : $bought;
    }

    /** Why no protective device can be in its box, in words; null where one can. */
    public static function whyNoDevice(Point $point): ?string
    {
        return match (true) {
            ! $point->isReceptacle() => "{$point->code} is no receptacle",
            ! $point->accessible() => "{$point->code} is not accessible",
            ! $point->with(device: Device::Gfci)->isDeviceMade() => sprintf(
                'no protective receptacle is made for %d A, %d V',
                (int) $point->amps(),
                (int) $point->volts(),
            ),
            // Such a device has no tab to break: both its halves are one outlet.
            $point->yokeWith !== null || $point->halves?->tab === Tab::Broken
                => "{$point->code} has two halves that are fed apart, and no protective receptacle has",
            $point->partOfAppliance === true || $point->factoryFitted === true => "{$point->code} is part of what it is built into",
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Yoke;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** A receptacle that is not of the kind its place or its circuit wants is changed for one that is. */
final class NewReceptacle implements Cure
{
    public static function cures(): array
    {
        return [
            'not_tr', 'not_wr', 'device_over_circuit', 'receptacle_mismatch', 'device_under_load', 'not_grounding_type', 'device_not_made',
            'ungrounded_receptacle',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        $circuit = $of->circuit();
        if ($point === null || ! $point->isReceptacle()) {
            return;
        }
        foreach (self::kinds($of->finding->id, $point, $circuit) as [$what, $new]) {
            yield new Remedy(
                "A $what receptacle at {$point->code}.",
                [Step::exchanged($new)],
                $of->house->withPoint($new),
            );
        }
    }

    /** @return iterable<array{string, Point}> in words, and the outlet with it */
    private static function kinds(string $finding, Point $point, ?Circuit $circuit): iterable
    {
        // What is bought today is tamper-resistant, and is weather-resistant where it has to be.
        $new = $point->with(tr: true, wr: $point->exposure() === Exposure::Dry ? $point->wr : true);
        if ($finding === 'not_tr') {
            yield ['tamper-resistant', $new];
        }
        if ($finding === 'not_wr') {
            yield ['weather-resistant', $new->with(wr: true)];
        }
        if ($finding === 'not_grounding_type') {
            yield ['grounding', $new->with(slots: 3)];
        }
        if ($finding === 'ungrounded_receptacle' && $point->device === Device::Standard) {
            yield ['two-slot', $point->with(slots: 2)];
        }
        if ($finding === 'device_not_made') {
            yield ['plain', $new->with(device: Device::Standard)];
        }
        if (in_array($finding, ['device_over_circuit', 'receptacle_mismatch', 'device_under_load'], true) && $circuit !== null) {
            foreach (array_unique([15.0, 20.0, 30.0, 50.0, $circuit->amps]) as $amps) {
                if ($amps <= max(20.0, $circuit->amps)) {
                    $volts = $circuit->volts() > 200.0 ? 250.0 : 125.0;
                    $device = $amps > 20.0 || $volts > 125.0 ? Device::Standard : $point->device;
                    yield ["$amps A, $volts V", $new->with(amps: $amps, volts: $volts, device: $device)];
                    yield ["duplex $amps A, $volts V", $new->with(amps: $amps, volts: $volts, device: $device, yoke: Yoke::Duplex)];
                }
            }
        }
    }
}

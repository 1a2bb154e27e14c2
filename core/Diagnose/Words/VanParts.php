<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\FaultKind;

/** What should be on the van for what this probably is: the right part, in the right colour. */
final class VanParts
{
    /**
     * @param list<Cause> $causes likeliest first
     *
     * @return list<array{part: string, for: string}>
     */
    public static function of(House $house, Symptom $symptom, array $causes): array
    {
        $places = new Places($house);
        $parts = [];
        $put = function (string $part, string $for) use (&$parts): void {
            $parts[$part] ??= ['part' => $part, 'for' => $for];
        };
        if ($house->hasPoint($symptom->at) && $house->point($symptom->at)->device->feedsThrough()) {
            $put(self::device($house, $symptom->at), "the device at {$places->point($symptom->at)}, if it has gone");
        }
        foreach ($causes as $cause) {
            foreach ($cause->hypothesis->variants[0] as $fault) {
                $at = $places->spot($fault->at);
                match ($fault->kind) {
                    FaultKind::DeadDevice, FaultKind::WeakDevice, FaultKind::StuckDevice => $fault->at->point === null
                        ? $put("Breaker, {$house->circuit($fault->at->circuit ?? '')->amps} A, {$house->circuit($fault->at->circuit ?? '')->breaker()->value}, for that panel", $at)
                        : $put(self::device($house, $fault->at->point), $at),
                    FaultKind::Leak => $fault->at->point !== null && $house->point($fault->at->point)->exposure() !== Exposure::Dry ? $put('In-use cover and gasket, weather-resistant receptacle', $at) : ($fault->at->appliance === null && $fault->at->cord === null ? $put('Insulation tester, a length of cable of the same gauge', $at) : $put('A clamp that reads below 1 mA', $at)),
                    FaultKind::HighResistance, FaultKind::Open, FaultKind::SeriesArc => $put('Connectors for stiff wire, pigtails, a receptacle with screw terminals', $at),
                    default => null,
                };
            }
        }

        return array_slice(array_values($parts), 0, 5);
    }

    private static function device(House $house, string $id): string
    {
        $point = $house->point($id);
        $finish = $point->finish === null ? 'finish: ask' : $point->finish;

        return strtoupper($point->device->value) . " receptacle, {$point->amps()} A, $finish" . ($point->exposure() === Exposure::Dry ? '' : ', weather-resistant');
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;

/** What should be on the van for what this probably is: the right part, in the right colour. */
final class VanParts
{
    private const MOST = 5;

    /**
     * @param list<Cause> $causes likeliest first
     *
     * @return list<array{part: string, for: string}>
     */
    public static function of(House $house, Symptom $symptom, array $causes): array
    {
        $places = new Places($house);
        $parts = $devices = [];
        $device = function (string $point) use ($house, &$devices): string {
            return $devices[$point] ??= Replacement::of($house, $house->point($point))->part();
        };
        if ($house->hasPoint($symptom->at) && $house->point($symptom->at)->device->feedsThrough()) {
            $parts[$device($symptom->at)] = "the device at {$places->point($symptom->at)}, if it has gone";
        }
        foreach ($causes as $cause) {
            foreach ($cause->hypothesis->faults() as $fault) {
                $part = $fault->wear() !== null && $fault->at->point !== null ? $device($fault->at->point) : $fault->part($house);
                if ($part !== null) {
                    $parts[$part] ??= $places->spot($fault->at);
                }
            }
        }
        $listed = array_map(fn(string $part, string $for): array => ['part' => $part, 'for' => $for], array_keys($parts), $parts);

        return array_slice($listed, 0, self::MOST);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** Insulation that has gone, be the current to ground or to neutral: it is mended in one way. */
final class BadInsulation
{
    /** @return list<string> */
    public static function repair(Spot $at, Places $places): array
    {
        $spoken = $places->spot($at);

        return match (true) {
            $at->cord !== null => ['Throw the cord set away. Plug the appliance in by its own plug.'],
            $at->appliance !== null => [ucfirst("$spoken out of use: repaired by its maker's service, or replaced.")],
            $at->cable !== null => [
                Fault::dead("{$places->start($at->cable)} and {$places->end($at->cable)}"),
                'Replace the cable, or find the place and make two boxes of it.',
                'Put the pairs back, each white with its own hot.',
            ],
            default => [
                Fault::dead($spoken),
                'Dry it and find where the water comes in, or cut back to sound insulation.',
                'Change the device if it was wet; cover and gasket that fit.',
            ],
        };
    }

    public static function proof(Spot $at): string
    {
        return $at->cable !== null ? 'Insulation of the new cable reads over range.' : 'Everything plugged back in and running: it holds.';
    }
}

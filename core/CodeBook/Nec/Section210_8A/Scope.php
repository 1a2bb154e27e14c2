<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;

/**
 * Which receptacles NEC 210.8(A) speaks of. 2014 and 2017: 125 V, 15 and 20 A. 2020 and 2023: 125 V through 250 V of any amperes,
 * on single-phase circuits of 150 V or less to ground, which every circuit of a 120/240 V house is.
 */
final class Scope
{
    public static function holds(Point $point, Edition $edition): bool
    {
        if (! $point->isReceptacle()) {
            return false;
        }
        $volts = $point->volts();

        if ($edition->isFrom(Edition::Nec2020)) {
            return $volts <= 250.0;
        }

        return $edition->isNec() && $volts <= 125.0 && in_array($point->amps(), [15.0, 20.0], true);
    }

    /** @return list<string> */
    public static function inWords(Edition $edition): array
    {
        return $edition->isFrom(Edition::Nec2020)
            ? ['Receptacles of 125 V through 250 V, 150 V or less to ground']
            : ['Receptacles of 125 V, 15 and 20 A'];
    }
}

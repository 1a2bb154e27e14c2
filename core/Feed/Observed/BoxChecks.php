<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What was looked at in an open box before it is closed. */
final class BoxChecks
{
    /** @return array<BoxChecked> the last word on each check of a box, by the check */
    public static function last(House $house, Point $point): array
    {
        $last = [];
        foreach ($house->entries->all(BoxChecked::class) as $checked) {
            if ($checked->point === $point->id) {
                $last[$checked->check->value] = $checked;
            }
        }

        return $last;
    }
}

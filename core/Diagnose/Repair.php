<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\House;

/** What has to be put right for a cause: causes with the same repair need not be told apart. */
final class Repair
{
    /** @return string the thing that is changed or mended, by its id */
    public static function of(Hypothesis $cause, House $house): string
    {
        $fault = $cause->variants[0][0] ?? null;
        if ($fault === null) {
            // That leakages add up is met in one way, whatever they are of.
            return $cause->explains === Explains::LongCable || $cause->explains === Explains::HonestSum ? 'leakage' : $cause->id;
        }
        if ($fault->at->cord !== null) {
            return "cord of {$fault->at->cord}";
        }
        if ($fault->at->appliance !== null) {
            return "appliance {$fault->at->appliance}";
        }
        if ($fault->kind->isWear()) {
            return "device {$fault->at->device()}";
        }
        $cable = $house->findCable($fault->at->cable);
        if ($cable === null) {
            return "box {$fault->at->point}";
        }

        return 'box ' . ($fault->isAtNearEnd() ? $cable->fromPoint() ?? 'panel' : $cable->to->point);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Read;

use Bouclier\Core\Feed\Observed\DeviceChanges;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** Steps of a test round that were not as they should be, and have not passed since. */
final class RoundFailed
{
    /** @return array<non-empty-list<RoundAnswer>> by the id of a point or circuit; lamps are judged by what they showed */
    public static function in(House $house): array
    {
        $changed = DeviceChanges::in($house);
        $last = [];
        foreach ($house->entries->all(RoundAnswer::class) as $answer) {
            $at = $answer->point ?? $answer->circuit ?? '';
            $key = "$at {$answer->step->value}";
            $seconds = Moment::seconds($answer->atTime) ?? 0;
            $since = max($changed[$at] ?? 0, Moment::seconds($last[$key]->atTime ?? null) ?? 0);
            if ($answer->step !== RoundStep::Lamps && $seconds >= $since) {
                $last[$key] = $answer;
            }
        }
        $failed = [];
        foreach ($last as $answer) {
            if (! $answer->asExpected) {
                $failed[$answer->point ?? $answer->circuit ?? ''][] = $answer;
            }
        }

        return $failed;
    }
}

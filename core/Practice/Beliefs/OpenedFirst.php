<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Practice\Ended;

/** Boxes were opened before anything was unplugged. */
final readonly class OpenedFirst extends WrongBelief
{
    protected static function shown(Ended $visit): ?string
    {
        $opened = null;
        foreach ($visit->visit->steps() as $step) {
            if ($step->open !== []) {
                $opened = $step->tests;
                break;
            }
        }
        $unplugged = $visit->first(fn(Action $action): bool => $action->takesAway() && $action->turns() === null);
        $isOfLoads = $visit->visit->case->house->call->symptom?->kind === SymptomKind::Trips
            && $visit->visit->case->house->appliances !== [];

        return $isOfLoads && $opened !== null && ($unplugged === null || $unplugged >= $opened)
            ? 'A box was opened before anything was unplugged. Unplugging all takes four minutes, opening one box as much, and it clears '
                . 'every appliance at once.'
            : null;
    }
}

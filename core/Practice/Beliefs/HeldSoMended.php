<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Ended;

/** It was reset and held, and that was taken for the end of it. */
final readonly class HeldSoMended extends WrongBelief
{
    protected static function shown(Ended $visit): ?string
    {
        $last = $visit->tests[count($visit->tests) - 1] ?? null;
        $isReset = $last !== null && $last->action->closes() !== null && $last->action->replaces() === null;
        $isHeld = $isReset && $last->reading->flag('holds') === true;

        return $isHeld && $visit->named !== null && ! $visit->isRight() && $visit->visit->case->kind !== CaseKind::UpstreamTripped
            ? 'It reset and held, so it was taken for mended. Held once says little: what comes and goes, and what needs a load or rain, '
                . 'holds as well.'
            : null;
    }
}

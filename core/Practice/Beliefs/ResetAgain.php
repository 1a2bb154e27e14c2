<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Practice\Ended;

/** The same device reset over and over with nothing changed in between. */
final readonly class ResetAgain extends WrongBelief
{
    private const OFTEN = 3;

    protected static function shown(Ended $visit): ?string
    {
        $times = $most = 0;
        $before = null;
        foreach ($visit->tests as $test) {
            $closes = $test->action->replaces() === null ? $test->action->closes() : null;
            if ($closes !== null) {
                $times = $closes === $before ? $times + 1 : 1;
                $before = $closes;
            } elseif (! $test->action->onlyShows()) {
                $times = 0;
                $before = null;
            }
            $most = max($most, $times);
        }

        return $most < self::OFTEN
            ? null
            : 'The same device was reset again and again. With nothing changed in between the second try says little, and the third '
                . 'nothing.';
    }
}

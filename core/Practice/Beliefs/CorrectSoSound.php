<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Practice\Ended;

/** A tester said "correct", and the outlet was left alone though what is wrong is just what no tester sees. */
final readonly class CorrectSoSound extends WrongBelief
{
    private const CORRECT = ['hn' => true, 'hg' => true, 'ng' => false];

    protected static function shown(Ended $visit): ?string
    {
        $hidden = array_filter($visit->visit->case->hidden, fn(Fault $fault): bool => $fault->isHiddenFromTester());
        $read = $visit->first(
            fn(Action $action, Reading $reading): bool => array_intersect_key($reading->toData(), self::CORRECT) === self::CORRECT,
        );

        return $hidden === [] || $read === null || $visit->isRight()
            ? null
            : 'A tester read "correct", and that was believed. Its lamps see hot, neutral and ground as far as voltage goes: a neutral '
                . 'that touches ground, or is tied to it, looks the same.';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Actions\Tester;
use Bouclier\Core\Actions\TesterButton;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\SymptomKind;

/** Beliefs that mislead, put right where they arise: what a tester cannot see, what a device that will not reset means. */
final class Corrections
{
    /** Below this a cause is not worth a word. */
    private const ALIVE = 0.03;

    /**
     * @param list<Test> $tests
     * @param list<Cause> $causes
     *
     * @return list<string>
     */
    public static function of(Symptom $symptom, array $tests, array $causes): array
    {
        $alive = array_values(array_filter($causes, fn(Cause $cause): bool => $cause->probability > self::ALIVE));
        $has = fn(callable $is): bool => array_filter(
            $alive,
            fn(Cause $cause): bool => array_filter($cause->hypothesis->faults(), $is) !== [],
        ) !== [];
        $last = $tests === [] ? null : $tests[count($tests) - 1];
        $said = [];
        $readCorrect = array_filter(
            $tests,
            fn(Test $test): bool => $test->action instanceof Tester && Tester::isCorrect($test->reading),
        ) !== [];
        if ($readCorrect && $has(fn(Fault $fault): bool => $fault->isHiddenFromTester())) {
            $said[] = 'The tester says "correct", and that is no proof: it cannot see a neutral that touches ground, a ground tied to '
                . 'neutral, or a poor joint.';
        }
        if ($last?->action instanceof Reset && $last->reading->flag('holds') === false && $last->reading->flag('no_power') !== true) {
            $said[] = 'It will not reset: that is not yet a bad device. With LINE live and LOAD lifted it either resets, and the '
                . 'fault is beyond it, or it does not, and then it is replaced first.';
        }
        if ($last?->action instanceof Reset && $last->reading->flag('holds') === true && $symptom->kind === SymptomKind::Trips) {
            $said[] = 'A device that resets and holds is the last thing to change.';
        }
        $noGround = $has(fn(Fault $fault): bool => $fault->takesGround());
        if (
            $last?->action instanceof TesterButton
            && $last->reading->listed('tripped') === []
            && ($noGround || $symptom->kind === SymptomKind::WillNotTrip)
        ) {
            $said[] = 'Nothing tripped by the tester\'s button: without a ground that proves nothing. Three holes are not a ground, '
                . 'and a GFCI does not need one to protect.';
        }
        if ($has(fn(Fault $fault): bool => $fault->mixesColours())) {
            $said[] = 'White is not always neutral: a wire is what a meter says it is.';
        }

        return array_slice($said, 0, 2);
    }
}

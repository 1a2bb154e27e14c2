<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Entries\Circumstance;

/** What held at the place of a cause, of what holds at some of the places where the same could have been. */
final readonly class Circumstances
{
    /**
     * @param list<Hypothesis> $hypotheses all that were thought of
     *
     * @return list<Circumstance> what holds everywhere, or nowhere, says nothing and is left out
     */
    public static function of(array $hypotheses, Hypothesis $found): array
    {
        $places = [];
        foreach ($hypotheses as $one) {
            if ($one->line() === $found->line()) {
                $places[$one->at->id()] = $one->factors;
            }
        }
        $circumstances = [];
        foreach (Factor::cases() as $factor) {
            $with = count(array_filter($places, fn(array $factors): bool => in_array($factor, $factors, true)));
            if ($factor->isOfPlace() && $with > 0 && $with < count($places)) {
                $circumstances[] = new Circumstance(
                    $factor->value,
                    in_array($factor, $found->factors, true),
                    round($with / count($places), 3),
                );
            }
        }

        return $circumstances;
    }
}

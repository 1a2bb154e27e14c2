<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Feed\FeedMap;

/** Everything that may be named as the cause of a case: what the diagnosis itself thinks of, each thing once. */
final class CausesThere
{
    /** @return list<Hypothesis> */
    public static function in(PracticeCase $case): array
    {
        $wrong = [];
        $symptom = Symptom::of($case->house, $wrong) ?? throw new \LogicException("{$case->name} has no call");
        $all = Hypotheses::of(new Foresight($case->house, new FeedMap($case->house)), $symptom, Priors::standard());

        return array_values(array_filter($all, fn(Hypothesis $one): bool => ! $one->comesAndGoes));
    }

    public static function named(PracticeCase $case, ?string $id): ?Hypothesis
    {
        return array_values(array_filter(self::in($case), fn(Hypothesis $one): bool => $one->id === $id))[0] ?? null;
    }

    /** What is hidden, as a cause. */
    public static function hidden(PracticeCase $case): Hypothesis
    {
        return array_values(array_filter(self::in($case), $case->isJust(...)))[0]
            ?? throw new \LogicException("nobody could name what is hidden in {$case->name}");
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Factor;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Faults\Kinds;

/** The lines of the table of {@see Priors} in the words of the trade. */
final class PriorWords
{
    private const WITHOUT_FAULT = [
        'shared_neutral' => 'A one-pole protective breaker on a shared neutral',
        'honest_sum' => 'Honest leakages add up',
        'long_cable' => 'So much cable that it leaks by itself',
        'overload' => 'Overload',
        'no_feed' => 'Nothing feeds it',
        'beyond' => 'Something in a part that is not drawn',
        'upstream_tripped' => 'A device upstream has only tripped',
        'recorded so' => 'What is recorded to be wrong and leads to it',
        'unknown' => 'Something not on this list',
    ];

    /**
     * @param list<Factor> $factors what makes a cause likelier, or less likely
     *
     * @return array{list<string>, list<string>} what speaks for it, and against
     */
    public static function speaking(array $factors): array
    {
        $for = $against = [];
        foreach (Factor::cases() as $factor) {
            $words = in_array($factor, $factors, true) ? $factor->words() : null;
            if ($words !== null) {
                $factor->speaksAgainst() ? $against[] = $words : $for[] = $words;
            }
        }

        return [$for, $against];
    }

    /** How often it is met, as it is said of a suspect. */
    public static function often(Priors $priors, string $line): string
    {
        $of = $priors->ofHundred($line);
        $own = $priors->ownCalls($line);
        $number = $of < 1.0 ? 'less than one' : (string) (int) round($of);

        return "$number of 100 calls" . ($own === 0 ? '' : ', ' . ($own === 1 ? 'one' : $own) . ' of them your own');
    }

    public static function of(string $line): string
    {
        foreach (Kinds::ALL as $kind) {
            foreach ($kind::frequencies() as $frequency) {
                if ($line === Priors::line($kind::name(), $frequency->place)) {
                    return $frequency->words;
                }
            }
        }

        return self::WITHOUT_FAULT[$line] ?? ucfirst($line);
    }
}

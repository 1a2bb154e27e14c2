<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Exchange\DiagnosisWriter;

/** Diagnosis asks, the simulation answers, until it is settled or nothing is left to ask: through the file, as somebody outside would. */
final class ClosedLoop
{
    /**
     * @return array{
     *     settled: bool, found: bool, minutes: float, steps: int, sure: float, top: string, tests: list<array<string, mixed>>,
     *     answers: list<float>, given: list<bool>, causes: list<array<string, mixed>>,
     * }
     */
    public static function solve(HiddenFault $hidden, int $most = 60): array
    {
        $simulation = $hidden->simulation();
        $tests = $answers = $given = [];
        $minutes = 0.0;
        for ($step = 0; ; ++$step) {
            $start = microtime(true);
            $answer = DiagnosisWriter::toData(CallReader::of($hidden->file($tests))->diagnose());
            $answers[] = microtime(true) - $start;
            $top = $answer['causes'][0];
            foreach ($answer['causes'] as $cause) {
                if ($cause['probability'] >= 0.8 && $cause['probability'] <= 0.9) {
                    $given[] = array_filter(
                        $answer['causes'],
                        fn(array $one): bool => ($one === $cause || in_array($one['id'], $cause['same_as'], true)) && $hidden->is($one),
                    ) !== [];
                }
            }
            if ($answer['settled'] || $answer['next'] === null || $step >= $most) {
                $first = array_values(
                    array_filter(
                        $answer['causes'],
                        fn(array $cause): bool => $cause === $top || in_array($cause['id'], $top['same_as'], true),
                    ),
                );

                return [
                    'settled' => $answer['settled'], 'found' => array_filter($first, $hidden->is(...)) !== [], 'minutes' => $minutes,
                    'steps' => $step, 'sure' => $top['probability'],
                    'top' => $top['id'], 'tests' => $tests, 'answers' => $answers, 'given' => $given, 'causes' => $answer['causes'],
                ];
            }
            $minutes += $answer['next']['minutes'];
            $action = json_decode((string) json_encode($answer['next']['action']), true);
            $read = ActionList::of(\Tests\Core\Build::house($hidden->house + ['actions' => [$action]]));
            assert($read->wrong === []);
            $tests[] = ['action' => $action, 'reading' => $hidden->noted($simulation->act($read->all[0])->toData())];
        }
    }
}

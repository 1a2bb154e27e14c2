<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\House;
use App\Support\Asking;
use Bouclier\Core\Change\Commands\FileTests;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Sheets\StepCards;

/**
 * The diagnosis of an open call, made once and kept by all that it follows from. While somebody does the test that is proposed, what the
 * likeliest answers to it would come to is thought through, so that the next test is there as soon as the answer is.
 *
 * @phpstan-import-type StepCard from StepCards
 */
final class Diagnosed
{
    /** Answers that are thought through ahead, and how likely one has to be. */
    private const AHEAD = 3;
    private const LEAST = 0.05;

    /** @return Diagnosis|null null while no call is open, or where what it is about is gone */
    public static function of(House $row, CoreHouse $house): ?Diagnosis
    {
        return OpenCall::isOpen($house) ? self::kept($row, Judged::by($row, $house)) : null;
    }

    /**
     * Thinks the likeliest answers to the next test through; where the house changes meanwhile, no further.
     *
     * @param StepCard $next as it is on the page
     */
    public static function ahead(House $row, CoreHouse $house, array $next): void
    {
        // What takes days is not waited for.
        $choices = $next['days'] > 0 ? [] : $next['choices'];
        $likely = array_filter($choices, fn(array $one): bool => $one['chance'] >= self::LEAST);
        usort($likely, fn(array $one, array $other): int => $other['chance'] <=> $one['chance']);
        foreach (array_slice($likely, 0, self::AHEAD) as $choice) {
            if (House::query()->whereKey($row->id)->value('revision') !== $row->revision) {
                return;
            }
            self::kept($row, Judged::by($row, self::told($house, $next['actions'], $choice['reading'])));
        }
    }

    /**
     * As it would stand were that answer given.
     *
     * @param list<array{action: array<string, mixed>, passed: array<string, mixed>}> $actions
     * @param array<string, mixed> $reading
     */
    private static function told(CoreHouse $house, array $actions, array $reading): CoreHouse
    {
        $tests = array_map(fn(array $one): array => ['action' => $one['action'], 'reading' => $one['passed']], $actions);
        $tests[count($tests) - 1]['reading'] = $reading;
        $said = json_decode(json_encode(['tests' => $tests], JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR);
        $command = FileTests::told(Body::of($said instanceof \stdClass ? $said : new \stdClass()));
        foreach ([$command, ...$command->leadsTo()] as $one) {
            $house = $one->on($house, Asking::now());
        }

        return $house;
    }

    private static function kept(House $row, CoreHouse $judged): ?Diagnosis
    {
        return Shelf::of(
            "diagnosis {$row->id}",
            [CallReader::follows($judged), Judged::priorsSaid($row), Judged::learned($row->crew_id), now()->toDateString()],
            fn(): ?Diagnosis => CallReader::standing($judged, Judged::priors($row))?->diagnose(),
        );
    }
}

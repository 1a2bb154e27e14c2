<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use Bouclier\Core\Exchange\TraceWriter;
use Tests\Core\Actions\RandomWiring;
use Tests\Core\Build;
use Tests\Core\Diagnose\ClosedLoop as Diagnosing;
use Tests\Core\Diagnose\HiddenFault;
use Tests\Core\Feed\Trace\ClosedLoop as Tracing;
use Tests\Core\Feed\Trace\HiddenTree;
use Tests\Core\RandomHouse;

/** Where the houses of the corpus come from: each generator of the tests has its share, and the demo house is in it. */
final class Making
{
    /** @return array<string, string> house files by name */
    public static function houses(): array
    {
        $houses = ['demo' => (string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json')];
        foreach (range(1, 60) as $seed) {
            $houses["shape $seed"] = self::json(RandomHouse::data($seed, 4 + $seed % 12));
            $houses["wiring $seed"] = self::wired($seed);
            $houses["tree $seed"] = self::traced($seed);
        }
        foreach (HiddenFault::KINDS as $kind) {
            foreach (self::called($kind) as $steps => $json) {
                $houses["$kind, $steps tests"] = $json;
            }
        }

        return $houses;
    }

    /** The demo house's rooms and what is wrong with random wiring, every action done in it. */
    private static function wired(int $seed): string
    {
        $kinds = ['kitchen', 'bathroom', 'garage', 'bedroom', 'outdoors', 'laundry', 'basement', 'hallway'];
        $parts = RandomWiring::house($seed, 3 + $seed % 9);
        $parts['areas'] = array_map(fn(string $kind): array => Build::area($kind, $kind), $kinds);
        $parts['points'] = array_map(
            fn(int $n, array $point): array => $point + [
                'code' => $point['id'],
                'area' => $kinds[($seed + $n) % 8],
                'name' => $point['id'],
            ],
            array_keys($parts['points']),
            $parts['points'],
        );
        $parts['code'] = ['edition' => ['nec-2014', 'nec-2017', 'nec-2020', 'nec-2023', 'cec-2021'][$seed % 5]];

        return Build::json($parts + ['actions' => RandomWiring::script($parts, $seed)]);
    }

    /** As far as it was traced after some steps. */
    private static function traced(int $seed): string
    {
        $hidden = HiddenTree::random($seed, 4 + $seed % 10, 1 + $seed % 3, $seed % 4);
        for ($step = 0; $step < $seed % 9; ++$step) {
            $next = Tracing::trace($hidden)->next;
            if ($next === null) {
                break;
            }
            $hidden->answer(TraceWriter::next($next));
        }

        return self::json($hidden->file());
    }

    /** @return array<int, string> a call by the number of tests that were done */
    private static function called(string $kind): array
    {
        for ($seed = 1; ($hidden = HiddenFault::of($kind, $seed)) === null; ++$seed);
        $tests = Diagnosing::solve($hidden, 4)['tests'];
        $files = [];
        foreach (array_unique([0, count($tests)]) as $done) {
            $files[$done] = Build::json($hidden->house + ['symptom' => $hidden->symptom, 'tests' => array_slice($tests, 0, $done)]);
        }

        return $files;
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}

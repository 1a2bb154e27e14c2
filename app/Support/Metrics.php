<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * What is counted, in the Prometheus text format. Each process counts for itself, in a file of its own, and who asks is told the sum: no
 * request waits for another to count. Counters begin anew at a start.
 */
final class Metrics
{
    /** Seconds that requests are counted by. */
    private const BUCKETS = ['0.1', '0.25', '0.5', '1', '2.5', '5', '10'];

    /** @var array<string, float>|null what this process has counted, by series */
    private static ?array $own = null;

    /** @param string $route as it is declared: no id stands in it */
    public static function request(string $route, int $status, float $seconds): void
    {
        $class = intdiv($status, 100) . 'xx';
        self::add(["bouclier_requests_total{route=\"$route\",status=\"$class\"}" => 1.0, ...self::timed($seconds)]);
    }

    public static function slowQuery(): void
    {
        self::add(['bouclier_slow_queries_total' => 1.0]);
    }

    /** All of it, with how things stand now. */
    public static function text(): string
    {
        $sums = [];
        $files = glob(self::folder() . '/*.json');
        foreach ($files === false ? [] : $files as $file) {
            foreach (self::read($file) as $series => $value) {
                $sums[$series] = ($sums[$series] ?? 0.0) + $value;
            }
        }
        ksort($sums);
        $health = Health::now();
        $now = [
            'bouclier_queue_waiting' => $health['queue']['waiting'],
            'bouclier_queue_oldest_seconds' => $health['queue']['oldestSeconds'],
            'bouclier_queue_worker_seconds' => $health['queue']['workerSeconds'] ?? -1,
            'bouclier_jobs_failed' => DB::table('failed_jobs')->count(),
            'bouclier_disk_free_percent' => $health['disk']['freePercent'],
            'bouclier_backup_age_hours' => $health['backup']['hours'] ?? -1,
        ];
        $lines = $typed = [];
        foreach ([...$sums, ...$now] as $series => $value) {
            $name = explode('{', $series)[0];
            $family = (string) preg_replace('/_(bucket|sum|count)$/', '', $name);
            $type = match (true) {
                isset($now[$name]) => 'gauge',
                $family !== $name => 'histogram',
                default => 'counter',
            };
            if (! isset($typed[$family])) {
                $typed[$family] = true;
                $lines[] = "# TYPE $family $type";
            }
            $lines[] = "$series $value";
        }

        return implode("\n", $lines) . "\n";
    }

    /** @return array<string, float> */
    private static function timed(float $seconds): array
    {
        $series = [];
        foreach (self::BUCKETS as $most) {
            $series["bouclier_request_seconds_bucket{le=\"$most\"}"] = $seconds <= (float) $most ? 1.0 : 0.0;
        }

        return [
            ...$series,
            'bouclier_request_seconds_bucket{le="+Inf"}' => 1.0,
            'bouclier_request_seconds_sum' => $seconds,
            'bouclier_request_seconds_count' => 1.0,
        ];
    }

    /** @param array<string, float> $more by series */
    private static function add(array $more): void
    {
        $file = self::folder() . '/' . getmypid() . '.json';
        self::$own ??= self::read($file);
        foreach ($more as $series => $value) {
            self::$own[$series] = (self::$own[$series] ?? 0.0) + $value;
        }
        if (! is_dir(dirname($file))) {
            @mkdir(dirname($file), 0o700, true);
        }
        // Counting is never a reason for a request to fail.
        @file_put_contents($file, json_encode(self::$own), LOCK_EX);
    }

    /** @return array<string, float> */
    private static function read(string $file): array
    {
        $said = is_file($file) ? json_decode((string) @file_get_contents($file), true) : null;

        return is_array($said) ? array_map(floatval(...), array_filter($said, is_numeric(...))) : [];
    }

    private static function folder(): string
    {
        return storage_path('app/metrics');
    }
}

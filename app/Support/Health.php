<?php

declare(strict_types=1);

namespace App\Support;

use App\Databases\OnlyReading;
use App\Databases\ServerList;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/**
 * Whether what the application rests on is as it should be: for who watches it. That it cannot be said at all, without a database, is 503.
 *
 * @phpstan-import-type Standing from ServerList
 * @phpstan-type Healthy array{
 *     up: true,
 *     database: 'answers'|'only reads',
 *     servers: list<Standing>,
 *     // The seconds of a worker are those of the queue nobody was at for longest.
 *     queue: array{waiting: int, oldestSeconds: int, workerSeconds: int|null},
 *     disk: array{freePercent: int},
 *     backup: array{hours: int}|null,
 *     attention: list<string>,
 * }
 */
final class Health
{
    /** Where the worker of a queue says that it is there, with the queue's name. */
    private const BEAT = 'queue worker was here: ';

    /** Seconds between two beats, and after how many it is taken to be gone. */
    private const BEATS_EVERY = 10;
    private const GONE = 60;

    private const QUEUES = ['mail', 'default'];

    /** Seconds something may wait in the queue. */
    private const WAITS = 300;

    private const FREE_PERCENT = 10;
    private const BACKUP_HOURS = 48;

    /** @return Healthy */
    public static function now(): array
    {
        // Whatever the rest is kept in, without a database nothing goes on.
        DB::select('select 1');
        $first = array_filter(array_map(
            fn(string $queue): ?int => Queue::creationTimeOfOldestPendingJob($queue),
            self::QUEUES,
        ), is_int(...));
        $oldest = $first === [] ? 0 : max(0, time() - min($first));
        $since = array_map(self::sinceBeat(...), array_combine(self::QUEUES, self::QUEUES));
        $isGone = fn(?int $seconds): bool => $seconds === null || $seconds > self::GONE;
        $free = (int) round(100.0 * (float) disk_free_space(storage_path()) / max(1.0, (float) disk_total_space(storage_path())));
        $backup = self::backupHours();
        $servers = ServerList::now();
        $onlyReads = app(OnlyReading::class)->is();

        return [
            'up' => true,
            'database' => $onlyReads ? 'only reads' : 'answers',
            'servers' => $servers,
            'queue' => [
                'waiting' => array_sum(array_map(Queue::size(...), self::QUEUES)),
                'oldestSeconds' => $oldest,
                'workerSeconds' => in_array(null, $since, true) ? null : max($since),
            ],
            'disk' => ['freePercent' => $free],
            'backup' => $backup === null ? null : ['hours' => $backup],
            'attention' => array_values(array_filter([
                $onlyReads ? 'no database takes changes: deploy/promote puts another in its place' : null,
                ...array_map(ServerList::attention(...), $servers),
                $isGone($since['mail']) ? 'no worker is at the queue of mail: it does not go out' : null,
                $isGone($since['default']) ? 'no worker is at the queue of what is worked out beside requests' : null,
                $oldest > self::WAITS ? 'the queue does not come along' : null,
                $free < self::FREE_PERCENT ? 'the disk is nearly full' : null,
                $backup === null || $backup > self::BACKUP_HOURS ? 'there is no backup of the last two days' : null,
            ], is_string(...))),
        ];
    }

    /** A worker is there, at the queues it works by, a comma between them. */
    public static function beat(string $queues): void
    {
        foreach (explode(',', $queues) as $queue) {
            $since = self::sinceBeat($queue);
            if ($since === null || $since >= self::BEATS_EVERY) {
                Shared::store()->put(self::BEAT . $queue, time());
            }
        }
    }

    /** Seconds since a worker was at a queue; null where none has been. */
    private static function sinceBeat(string $queue): ?int
    {
        $last = Shared::store()->get(self::BEAT . $queue);

        return is_int($last) ? time() - $last : null;
    }

    /** Hours since `bin/backup` wrote one. */
    private static function backupHours(): ?int
    {
        // Beside the photographs: where several nodes serve, it is there for all.
        $file = config()->string('filesystems.disks.local.root') . '/backed-up-at';
        $at = is_file($file) ? strtotime(trim((string) file_get_contents($file))) : false;

        return $at === false ? null : intdiv(time() - $at, 3600);
    }
}

<?php

declare(strict_types=1);

namespace App\Databases;

use Closure;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Reading from a copy of the database. It is asked for everything acknowledged until now before it is read: what somebody saved a moment
 * ago is there, whoever saved it and whichever node took it. A copy that is behind, or away, is not waited for. What is live, off or proved
 * dead is not read by this.
 */
final class Replica
{
    /** Seconds. */
    private const WAITS = 0.1;

    /**
     * @template T
     *
     * @param Closure(): T $read what only reads; its queries are begun in it, for each keeps the connection it was begun on
     *
     * @return T
     */
    public static function reading(Closure $read): mixed
    {
        return self::isUpToDate() ? DB::usingConnection('replica', $read) : $read();
    }

    private static function isUpToDate(): bool
    {
        if (count(Server::hosts(config('database.connections.replica.host'))) === 1) {
            return false;
        }
        try {
            $now = DB::scalar('select @@global.gtid_binlog_pos');

            return ! app(OnlyReading::class)->is()
                && DB::connection('replica')->scalar('select master_gtid_wait(?, ?)', [$now, self::WAITS]) === 0;
        } catch (PDOException) {
            return false;
        }
    }
}

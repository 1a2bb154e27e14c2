<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * How each of several databases stands, for who watches them. Of a single one there is nothing to say.
 *
 * @phpstan-type Server array{
 *     server: string,
 *     stands: 'takes changes'|'takes changes alone'|'follows'|'stopped following'|'away',
 *     behindSeconds: int|null,
 * }
 */
final class ServerList
{
    /** Seconds a copy may be behind. */
    private const BEHIND = 60;

    /** @return list<Server> */
    public static function now(): array
    {
        /** @var array<string, mixed> $config */
        $config = config()->array('database.connections.mariadb');
        $hosts = explode(',', config()->string('database.connections.mariadb.host'));

        return count($hosts) === 1 ? [] : array_map(fn(string $host): array => self::one($host, $config), $hosts);
    }

    /** @param Server $server */
    public static function attention(array $server): ?string
    {
        return match ($server['stands']) {
            'away' => "the database at {$server['server']} is away",
            'stopped following' => "the database at {$server['server']} does not follow any more",
            'follows' => $server['behindSeconds'] > self::BEHIND
                ? "the database at {$server['server']} is {$server['behindSeconds']} s behind"
                : null,
            'takes changes alone' => "what is acknowledged is in the database at {$server['server']} alone",
            'takes changes' => null,
        };
    }

    /**
     * @param array<string, mixed> $config
     *
     * @return Server
     */
    private static function one(string $host, array $config): array
    {
        try {
            $server = (new MariaDbConnector())->connect(['host' => $host] + $config);
            if (self::row($server, 'select @@global.read_only as copies')['copies'] === 0) {
                $waits = self::row($server, "show global status like 'Rpl_semi_sync_master_status'");

                return [
                    'server' => $host,
                    'stands' => ($waits['Value'] ?? null) === 'ON' ? 'takes changes' : 'takes changes alone',
                    'behindSeconds' => null,
                ];
            }
            $behind = self::row($server, 'show slave status')['Seconds_Behind_Master'] ?? null;

            return [
                'server' => $host,
                'stands' => is_numeric($behind) ? 'follows' : 'stopped following',
                'behindSeconds' => is_numeric($behind) ? (int) $behind : null,
            ];
        } catch (PDOException) {
            return ['server' => $host, 'stands' => 'away', 'behindSeconds' => null];
        }
    }

    /** @return array<string, mixed> */
    private static function row(PDO $server, string $question): array
    {
        $statement = $server->query($question);
        $row = $statement === false ? false : $statement->fetch(PDO::FETCH_ASSOC);

        return is_array($row) ? $row : [];
    }
}

<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * How each of several databases stands, for who watches them. Of a single one there is nothing to say.
 *
 * @phpstan-type Server array{server: string, stands: 'takes changes'|'follows'|'stopped following'|'away', behindSeconds: int|null}
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
            $statement = $server->query('select @@global.read_only');
            if ($statement !== false && (int) $statement->fetchColumn() === 0) {
                return ['server' => $host, 'stands' => 'takes changes', 'behindSeconds' => null];
            }
            $statement = $server->query('show slave status');
            $status = $statement === false ? false : $statement->fetch(PDO::FETCH_ASSOC);
            $behind = is_array($status) ? $status['Seconds_Behind_Master'] ?? null : null;

            return [
                'server' => $host,
                'stands' => is_numeric($behind) ? 'follows' : 'stopped following',
                'behindSeconds' => is_numeric($behind) ? (int) $behind : null,
            ];
        } catch (PDOException) {
            return ['server' => $host, 'stands' => 'away', 'behindSeconds' => null];
        }
    }
}

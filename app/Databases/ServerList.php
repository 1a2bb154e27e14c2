<?php

declare(strict_types=1);

namespace App\Databases;

use PDOException;

/**
 * How each of several databases stands, for who watches them. Of a single one there is nothing to say.
 *
 * @phpstan-type Standing array{
 *     server: string,
 *     stands: 'takes changes'|'takes changes alone'|'follows'|'stopped following'|'away',
 *     behindSeconds: int|null,
 * }
 */
final class ServerList
{
    /** Seconds a copy may be behind. */
    private const BEHIND = 60;

    /** @return list<Standing> */
    public static function now(): array
    {
        $hosts = Server::hosts(config('database.connections.mariadb.host'));

        return count($hosts) === 1 ? [] : array_map(self::one(...), $hosts);
    }

    /** @param Standing $server */
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

    /** @return Standing */
    private static function one(string $host): array
    {
        $behind = null;
        try {
            $server = Server::at($host, config()->array('database.connections.mariadb'));
            $behind = $server?->isCopy === true ? $server->behindSeconds() : null;
            $stands = match (true) {
                $server === null => 'away',
                $server->isCopy => $behind === null ? 'stopped following' : 'follows',
                default => $server->isFollowed() ? 'takes changes' : 'takes changes alone',
            };
        } catch (PDOException) {
            // It went away while it was asked.
            $stands = 'away';
        }

        return ['server' => $host, 'stands' => $stands, 'behindSeconds' => $behind];
    }
}

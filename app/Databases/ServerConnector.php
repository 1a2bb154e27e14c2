<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * Finds among several databases, copies of each other, the one that takes changes, or one of the others where copies are asked for. Each is
 * asked itself: nothing has to be told to the application when another takes the place of one that is gone.
 */
final class ServerConnector extends MariaDbConnector
{
    /** Seconds a copy may take to do what it was sent before the other one went away. */
    private const CATCHES_UP = 2;

    public function __construct(private readonly OnlyReading $onlyReading)
    {
    }

    /**
     * @param array<mixed> $config its host may name several, by commas
     *
     * @throws PDOException when none of them is what is wanted
     */
    public function connect(array $config): PDO
    {
        $hosts = Server::hosts($config['host'] ?? null);
        $wantsCopy = ($config['copies'] ?? false) === true;
        if (count($hosts) === 1) {
            return parent::connect($config);
        }
        if ($wantsCopy) {
            shuffle($hosts);
        }
        $other = null;
        foreach ($hosts as $host) {
            $server = Server::at($host, $config);
            if ($server?->isCopy === $wantsCopy) {
                return $server->pdo;
            }
            $other ??= $server;
        }
        if (! $wantsCopy && $other !== null && $this->onlyReading->mayBegin() && $other->catchesUp(self::CATCHES_UP)) {
            $this->onlyReading->begin();

            return $other->pdo;
        }
        throw new PDOException('SQLSTATE[HY000] [2002] None of the databases ' . ($wantsCopy ? 'is a copy' : 'takes changes'));
    }
}

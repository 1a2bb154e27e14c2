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
    /** Seconds within which a server that is well has greeted. */
    private const GREETS = 1;

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
        $hosts = explode(',', is_string($config['host']) ? $config['host'] : '');
        $wantsCopy = ($config['copies'] ?? false) === true;
        if (count($hosts) === 1) {
            return parent::connect($config);
        }
        if ($wantsCopy) {
            shuffle($hosts);
        }
        $other = null;
        foreach ($hosts as $host) {
            if (! $this->greets($host, $config['port'] ?? null)) {
                continue;
            }
            try {
                $server = parent::connect(['host' => $host] + $config);
                if ($this->isCopy($server) === $wantsCopy) {
                    return $server;
                }
                $other ??= $server;
            } catch (PDOException) {
                continue;
            }
        }
        if (! $wantsCopy && $other !== null && $this->onlyReading->mayBegin() && $this->hasAllItWasSent($other)) {
            $this->onlyReading->begin();

            return $other;
        }
        throw new PDOException('SQLSTATE[HY000] [2002] None of the databases ' . ($wantsCopy ? 'is a copy' : 'takes changes'));
    }

    /** One that takes the connection and then says nothing would be waited for without an end. */
    private function greets(string $host, mixed $port): bool
    {
        $line = @stream_socket_client("tcp://$host:" . (is_scalar($port) ? $port : 3306), timeout: self::GREETS);
        if ($line === false) {
            return false;
        }
        stream_set_timeout($line, self::GREETS);
        $greeting = fread($line, 5);
        fclose($line);

        return is_string($greeting) && strlen($greeting) === 5;
    }

    private function isCopy(PDO $server): bool
    {
        return (int) $this->answer($server, 'select @@global.read_only') === 1;
    }

    /** What was acknowledged had come to it before: it is done as soon as it has caught up. */
    private function hasAllItWasSent(PDO $copy): bool
    {
        $statement = $copy->query('show slave status');
        $status = $statement === false ? false : $statement->fetch(PDO::FETCH_ASSOC);
        $position = is_array($status) && is_string($status['Gtid_IO_Pos'] ?? null) ? $status['Gtid_IO_Pos'] : '';

        return $position !== ''
            && (int) $this->answer($copy, "select master_gtid_wait({$copy->quote($position)}, " . self::CATCHES_UP . ')') === 0;
    }

    private function answer(PDO $server, string $question): string
    {
        $statement = $server->query($question);
        $answer = $statement === false ? false : $statement->fetchColumn();

        return is_scalar($answer) ? (string) $answer : '';
    }
}

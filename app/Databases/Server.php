<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/** One of several databases, copies of each other, as it says itself how it stands. */
final readonly class Server
{
    /** Seconds within which a server that is well has greeted. */
    private const GREETS = 1;

    /** @param bool $isCopy whether it takes no changes */
    private function __construct(public PDO $pdo, public bool $isCopy)
    {
    }

    /** @return list<string> where they are, as the settings name them */
    public static function hosts(mixed $named): array
    {
        return explode(',', is_string($named) ? $named : '');
    }

    /**
     * @param array<mixed> $config of the connection
     *
     * @return self|null null where it is away, or takes the connection and then says nothing, which would be waited for without an end
     */
    public static function at(string $host, array $config): ?self
    {
        if (! self::greets($host, $config['port'] ?? null)) {
            return null;
        }
        try {
            $pdo = (new MariaDbConnector())->connect(['host' => $host] + $config);

            return new self($pdo, (int) self::field($pdo, 'select @@global.read_only as copies', 'copies') === 1);
        } catch (PDOException) {
            return null;
        }
    }

    /** Whether it waits, before it acknowledges a change, until another has it too. */
    public function isFollowed(): bool
    {
        return self::field($this->pdo, "show global status like 'Rpl_semi_sync_master_status'", 'Value') === 'ON';
    }

    /** @return int|null seconds it is behind; null where it does not follow any more */
    public function behindSeconds(): ?int
    {
        $behind = self::field($this->pdo, 'show slave status', 'Seconds_Behind_Master');

        return $behind === '' ? null : (int) $behind;
    }

    /** Whether it has done all it was sent, or has within so many seconds: what was acknowledged had come to it before. */
    public function catchesUp(int $seconds): bool
    {
        $position = self::field($this->pdo, 'show slave status', 'Gtid_IO_Pos');

        return $position !== ''
            && (int) self::field($this->pdo, "select master_gtid_wait({$this->pdo->quote($position)}, $seconds) as late", 'late') === 0;
    }

    private static function greets(string $host, mixed $port): bool
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

    /** One field of what it answers; empty where it answers nothing. */
    private static function field(PDO $pdo, string $question, string $field): string
    {
        $statement = $pdo->query($question);
        $row = $statement === false ? false : $statement->fetch(PDO::FETCH_ASSOC);
        $answer = is_array($row) ? $row[$field] ?? '' : '';

        return is_scalar($answer) ? (string) $answer : '';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Day;
use Bouclier\Core\House\FileFault;

/**
 * What a command is told with, read key by key: each reader says what is wrong and where (a JSON pointer), and nothing is taken that was
 * not asked for. Text is trimmed; text with nothing in it was not said.
 */
final readonly class Body
{
    private const ID_CHARACTERS = 80;

    /** @param array<mixed> $said by key, objects as \stdClass */
    private function __construct(private array $said, private string $at = '')
    {
    }

    /** @param array<string, string> $places what the address names, by key */
    public static function of(\stdClass $said, array $places = []): self
    {
        return new self([...get_object_vars($said), ...$places]);
    }

    /** @throws BadHouseFile as all of these, when it is not that */
    public function id(string $key): string
    {
        return $this->maybeId($key) ?? $this->missing($key);
    }

    public function maybeId(string $key): ?string
    {
        return $this->maybeText($key, self::ID_CHARACTERS);
    }

    public function text(string $key, int $most): string
    {
        return $this->maybeText($key, $most) ?? $this->missing($key);
    }

    public function maybeText(string $key, int $most): ?string
    {
        $said = $this->said[$key] ?? null;
        $said = is_string($said) ? trim($said) : $said;

        return match (true) {
            $said === null, $said === '' => null,
            ! is_string($said) => $this->wrong($key, 'must be text'),
            ! mb_check_encoding($said, 'UTF-8') => $this->wrong($key, 'is no text that can be read'),
            mb_strlen($said) > $most => $this->wrong($key, "must not be longer than $most characters"),
            default => $said,
        };
    }

    public function number(string $key, float $least, float $most): float
    {
        return $this->maybeNumber($key, $least, $most) ?? $this->missing($key);
    }

    public function maybeNumber(string $key, float $least, float $most): ?float
    {
        $said = $this->said[$key] ?? null;

        return match (true) {
            $said === null, $said === '' => null,
            ! is_numeric($said), ! is_finite((float) $said) => $this->wrong($key, 'must be a number'),
            (float) $said < $least => $this->wrong($key, "must not be under $least"),
            (float) $said > $most => $this->wrong($key, "must not be over $most"),
            default => (float) $said,
        };
    }

    public function whole(string $key, int $least, int $most): int
    {
        $number = $this->number($key, $least, $most);

        return $number === floor($number) ? (int) $number : $this->wrong($key, 'must be a whole number');
    }

    public function flag(string $key): bool
    {
        return $this->maybeFlag($key) ?? $this->missing($key);
    }

    public function maybeFlag(string $key): ?bool
    {
        $said = $this->said[$key] ?? null;

        return $said === null || is_bool($said) ? $said : $this->wrong($key, 'must be true or false');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $key, string $enum): \BackedEnum
    {
        return $this->maybeChoice($key, $enum) ?? $this->missing($key);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function maybeChoice(string $key, string $enum): ?\BackedEnum
    {
        $said = $this->said[$key] ?? null;

        return $said === null || $said === '' ? null : $this->chosen("/$key", $said, $enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T> none where none is said
     */
    public function choices(string $key, string $enum, int $most): array
    {
        $found = [];
        foreach ($this->maybeListed($key, $most) ?? [] as $place => $one) {
            $found[] = $this->chosen("/$key/$place", $one, $enum);
        }

        return $found;
    }

    /** @return string|null a day that is one */
    public function maybeDate(string $key): ?string
    {
        $said = $this->maybeText($key, 10);

        return $said === null || Day::isDay($said) ? $said : $this->wrong($key, 'must be a date, as 2026-12-24');
    }

    /** @return list<string> ids, or other short words; none where none are said */
    public function ids(string $key, int $most): array
    {
        return $this->maybeIds($key, $most) ?? [];
    }

    /** @return list<string>|null */
    public function maybeIds(string $key, int $most): ?array
    {
        $list = $this->maybeListed($key, $most);
        foreach ($list ?? [] as $place => $one) {
            if (! is_string($one) || $one === '' || mb_strlen($one) > self::ID_CHARACTERS) {
                $this->wrong("$key/$place", 'must be an id');
            }
        }

        return $list === null ? null : array_values(array_filter($list, is_string(...)));
    }

    /** @return array<string> texts by key, of keys that may be said */
    public function textsBy(string $key, \Closure $isKey, int $most): array
    {
        $of = $this->part($key);
        foreach (array_keys($of->said) as $one) {
            $isKey((string) $one) === true ? $of->text((string) $one, $most) : $this->wrong("$key/$one", 'is not a key of this');
        }

        return array_map(strval(...), array_filter($of->said, is_string(...)));
    }

    public function part(string $key): self
    {
        $said = $this->said[$key] ?? null;
        $said = $said === [] ? new \stdClass() : $said;

        return $said instanceof \stdClass ? new self(get_object_vars($said), "$this->at/$key") : $this->missing($key);
    }

    /** @return list<string> */
    public function texts(string $key, int $most): array
    {
        $said = $this->raw($key);
        if (! is_array($said) || count($said) > $most || array_filter($said, fn(mixed $one): bool => ! is_string($one)) !== []) {
            $this->wrong($key, "must be a list of text, $most at most");
        }

        return array_values(array_filter($said, is_string(...)));
    }

    /** All of it, as it was said: what answers are told apart by. */
    public function said(): string
    {
        return json_encode($this->said, JSON_THROW_ON_ERROR);
    }

    public function has(string $key): bool
    {
        return isset($this->said[$key]);
    }

    /** @return list<self> */
    public function parts(string $key, int $most): array
    {
        $parts = [];
        foreach ($this->maybeListed($key, $most) ?? $this->missing($key) as $place => $one) {
            $one = $one === [] ? new \stdClass() : $one;
            $parts[] = $one instanceof \stdClass
                ? new self(get_object_vars($one), "$this->at/$key/$place")
                : $this->wrong("$key/$place", 'must be an object');
        }

        return $parts;
    }

    /** What is under a key as it was sent: for who knows its form. */
    public function raw(string $key): mixed
    {
        return $this->said[$key] ?? null;
    }

    /** @return list<string> what is said at all */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->said));
    }

    public function wrong(string $key, string $message): never
    {
        throw new BadHouseFile([new FileFault("$this->at/$key", $message)]);
    }

    public function missing(string $key): never
    {
        $this->wrong($key, "\"$key\" is missing");
    }

    /** @return list<mixed>|null */
    private function maybeListed(string $key, int $most): ?array
    {
        $said = $this->said[$key] ?? null;

        return match (true) {
            $said === null => null,
            ! is_array($said) => $this->wrong($key, 'must be a list'),
            count($said) > $most => $this->wrong($key, "has more than $most entries"),
            default => array_values($said),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private function chosen(string $pointer, mixed $said, string $enum): \BackedEnum
    {
        $words = array_map(fn(\BackedEnum $one): string => (string) $one->value, $enum::cases());
        $found = is_string($said) || is_int($said) ? array_search((string) $said, $words, true) : false;

        return $found === false
            ? throw new BadHouseFile([new FileFault($this->at . $pointer, 'must be one of ' . implode(', ', $words))])
            : $enum::cases()[$found];
    }
}

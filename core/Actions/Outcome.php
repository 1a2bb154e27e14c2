<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** Something an action may show, as far as it is told apart before it is done. Those of one key are one, and their chances are added up. */
final readonly class Outcome
{
    private const ELSE = 'other';

    /** What separates ids in a key, and what it is written as; percent first, so that no two keys become one. */
    private const WRITTEN = ['%' => '%25', ' ' => '%20', ',' => '%2C'];

    /**
     * @param string $what the kind of thing that is shown: "holds", "trips", "volts"
     * @param list<string> $ids of devices and breakers that trip, or of points that are dead
     * @param string $item which of several: a lamp pattern, a thing that is seen
     * @param int $step which step of a meter
     * @param list<string>|null $dead points that are dead then, where that is noted
     */
    private function __construct(
        public string $what,
        public string $key,
        public array $ids = [],
        public string $item = '',
        public int $step = 0,
        public ?array $dead = null,
    ) {
    }

    /** What none of the others is: seldom, and it has no figure. */
    public static function anythingElse(): self
    {
        return new self(self::ELSE, self::ELSE);
    }

    public function isAnythingElse(): bool
    {
        return $this->what === self::ELSE;
    }

    public static function named(string $what): self
    {
        return new self($what, $what);
    }

    /** @param list<string>|null $dead points that are dead then, where that is noted */
    public static function holds(?array $dead = null): self
    {
        return new self('holds', $dead === null ? 'holds' : 'holds dead ' . self::listed($dead), dead: $dead);
    }

    /**
     * @param list<string> $ids of devices and breakers; none where it is the device of the action itself
     * @param list<string>|null $dead
     */
    public static function trips(array $ids, ?array $dead = null): self
    {
        $listed = self::listed($ids);

        return new self(
            'trips',
            "trips $listed" . ($dead === null ? '' : ($listed === '' ? '' : ' ') . 'dead ' . self::listed($dead)),
            $ids,
            dead: $dead,
        );
    }

    /** @param list<string> $points that are dead */
    public static function dead(array $points): self
    {
        return new self('dead', 'dead ' . self::listed($points), $points);
    }

    public static function of(string $what, string $item): self
    {
        return new self($what, "$what $item", item: $item);
    }

    public static function step(string $what, int $step): self
    {
        return new self($what, "$what $step", step: $step);
    }

    /** Whether it is one of what the other stands for: the same thing, and, where the other names what trips, the same of those. */
    public function isOneOf(self $wider): bool
    {
        return $this->what === $wider->what && ($wider->ids === [] || $this->ids === $wider->ids);
    }

    /** @param list<string> $ids */
    private static function listed(array $ids): string
    {
        return implode(',', array_map(fn(string $id): string => $id === 'dead' ? '%64ead' : strtr($id, self::WRITTEN), $ids));
    }
}

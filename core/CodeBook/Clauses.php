<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Family;

/**
 * The clause of one demand in every edition of its code. An edition it does not know has no answer, and says so: nothing is dropped
 * silently.
 */
final readonly class Clauses
{
    /** What is only likely is said so. */
    public const ASK = 'Likely, not certain: ask the authority.';

    /**
     * @param array<string, string|null> $by by value of {@see Edition}; null where one asks nothing
     * @param Edition|null $likelyFrom the first edition of which it is only likely
     */
    private function __construct(
        private ?Family $family,
        private array $by,
        public BookReading $reading = BookReading::First,
        private ?Edition $likelyFrom = null,
    ) {
    }

    /** The NEC editions, oldest first; null where one asks nothing. */
    public static function nec(?string $of2014, ?string $of2017, ?string $of2020, ?string $of2023): self
    {
        return new self(Family::Nec, [
            Edition::Nec2014->value => $of2014, Edition::Nec2017->value => $of2017, Edition::Nec2020->value => $of2020,
            Edition::Nec2023->value => $of2023,
        ]);
    }

    /** One clause that no NEC edition has renumbered so far. */
    public static function everyNec(string $clause): self
    {
        return self::nec($clause, $clause, $clause, $clause);
    }

    public static function cec(?string $of2021): self
    {
        return new self(Family::Cec, [Edition::Cec2021->value => $of2021]);
    }

    /** What no clause says, only sense. */
    public static function none(): self
    {
        return new self(null, []);
    }

    /** Whether somebody has said what that edition asks, be it nothing. Other codes have no say. */
    public function answers(Edition $edition): bool
    {
        return $edition->family() !== $this->family || array_key_exists($edition->value, $this->by);
    }

    /**
     * The clause in that edition, null where it asks nothing of the kind.
     *
     * @throws \OutOfRangeException where nobody has said what that edition asks
     */
    public function in(Edition $edition): ?string
    {
        return $this->answers($edition)
            ? $this->by[$edition->value] ?? null
            : throw new \OutOfRangeException("{$edition->label()} has no answer");
    }

    /** Read, or read otherwise, by the second pair of eyes. */
    public function second(): self
    {
        return new self($this->family, $this->by, BookReading::Second, $this->likelyFrom);
    }

    /** Not certain, in all editions of its code or from one on: what rests on it says so. */
    public function likely(?Edition $from = null): self
    {
        $first = array_key_first($this->by);

        return new self($this->family, $this->by, BookReading::Second, $from ?? ($first === null ? null : Edition::from($first)));
    }

    public function isLikely(Edition $edition): bool
    {
        return $this->likelyFrom !== null && $edition->isFrom($this->likelyFrom);
    }
}

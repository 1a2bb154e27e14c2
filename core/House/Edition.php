<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** An edition of the code that ships with the code book. Not NEC 2026: its text could not be checked. */
enum Edition: string implements Choice
{
    case Nec2014 = 'nec-2014';
    case Nec2017 = 'nec-2017';
    case Nec2020 = 'nec-2020';
    case Nec2023 = 'nec-2023';
    case Cec2021 = 'cec-2021';

    /** Whether it is that edition of its code or one after it: "from 2020 on". */
    public function isFrom(self $first): bool
    {
        return $this->family() === $first->family() && $this->place() >= $first->place();
    }

    /** Whether it is an edition of the same code, before that one. */
    public function isBefore(self $next): bool
    {
        return $this->family() === $next->family() && $this->place() < $next->place();
    }

    /** Which code it is an edition of. */
    public function family(): Family
    {
        return Family::from(explode('-', $this->value)[0]);
    }

    public function isNec(): bool
    {
        return $this->family() === Family::Nec;
    }

    /** What it gives its lengths in. */
    public function unit(): LengthUnit
    {
        return $this->family()->isMetric() ? LengthUnit::Metres : LengthUnit::Feet;
    }

    public function label(): string
    {
        return match ($this) {
            self::Nec2014 => 'NEC 2014',
            self::Nec2017 => 'NEC 2017',
            self::Nec2020 => 'NEC 2020',
            self::Nec2023 => 'NEC 2023',
            self::Cec2021 => 'CEC 2021',
        };
    }

    /** Editions of a code are listed in their order. */
    private function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

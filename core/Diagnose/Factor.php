<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What makes a cause likelier, or less likely, by what is recorded and what was told. */
enum Factor: string
{
    case DampOrWet = 'times damp or wet';
    case WasWet = 'times was wet then';
    case Disturbed = 'times disturbed box';
    case Original = 'times original box';
    case NoSelfTest = 'times no self-test';
    case OverTenYears = 'times over ten years';
    case WasRunning = 'times was running';
    case Tingle = 'times a tingle was felt';
    case SeenBefore = 'times seen here before';
    case SeenInHouse = 'times seen in this house before';
    case FoundPopped = 'times found popped';
    case NonePopped = 'times none had popped';
    case ComesAndGoes = 'times comes and goes';
    case TwoAtOnce = 'times two at once';

    /** Times by which it makes a cause likelier, where a crew has put no number of its own. */
    public function standard(): float
    {
        return match ($this) {
            self::DampOrWet => 4.0,
            self::Disturbed => 3.0,
            self::Original => 0.5,
            self::NoSelfTest => 1.5,
            self::OverTenYears => 2.0,
            self::ComesAndGoes => 0.5,
            self::SeenBefore => 2.5,
            self::SeenInHouse => 1.5,
            self::WasRunning => 3.0,
            self::WasWet => 2.0,
            self::Tingle => 4.0,
            self::FoundPopped => 8.0,
            self::NonePopped => 0.3,
            self::TwoAtOnce => 0.05,
        };
    }

    /** Whether it is a fact of a place, and of some of those where a cause may be more than of others: calls tell how much it counts. */
    public function isOfPlace(): bool
    {
        return in_array(
            $this,
            [self::DampOrWet, self::Disturbed, self::Original, self::NoSelfTest, self::OverTenYears, self::WasRunning],
            true,
        );
    }

    /** As it is said of a cause; null for what is no fact of a house. */
    public function words(): ?string
    {
        return match ($this) {
            self::DampOrWet => 'It is a damp or wet place',
            self::WasWet => 'It was wet when it happened',
            self::Disturbed => 'Somebody has worked there',
            self::NoSelfTest => 'The device does not test itself',
            self::OverTenYears => 'The device is over ten years old',
            self::WasRunning => 'It was running when it happened',
            self::Tingle => 'Somebody felt a tingle',
            self::SeenBefore => 'Something went wrong here before',
            self::SeenInHouse => 'It has been found in this house before',
            self::FoundPopped => 'One had popped, and works again',
            self::Original => 'Nobody has been in the box',
            self::NonePopped => 'None was found popped',
            self::ComesAndGoes, self::TwoAtOnce => null,
        };
    }

    public function speaksAgainst(): bool
    {
        return $this === self::Original || $this === self::NonePopped;
    }
}

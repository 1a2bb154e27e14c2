<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** What a page for somebody outside the crew is for, and how long it is open where nothing else is said. */
enum LinkPurpose: string
{
    case Questions = 'questions';
    case Trial = 'trial';
    case Offer = 'offer';
    /** Of one device, by the code on its label: how it is reset. */
    case Device = 'device';
    /** Of the house: why is it dead, what do I press. */
    case House = 'house';

    /** Days after what it is for, so that the last answer still gets in. */
    private const GRACE = 7;

    /** @param int $takes days the thing itself takes */
    public function daysOpen(int $takes = 0): int
    {
        return match ($this) {
            self::Questions => 14,
            self::Trial => $takes + self::GRACE,
            self::Offer => 30,
            self::House => 365,
            // As long as the label sticks.
            self::Device => 36_500,
        };
    }
}

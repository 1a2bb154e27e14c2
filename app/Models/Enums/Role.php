<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** What somebody may do in a crew. The last two see one house, read only, until a date. */
enum Role: string
{
    case Owner = 'owner';
    case Electrician = 'electrician';
    case Helper = 'helper';
    case Inspector = 'inspector';
    case Householder = 'householder';

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'Owner',
            self::Electrician => 'Electrician',
            self::Helper => 'Helper',
            self::Inspector => 'Guest inspector',
            self::Householder => 'Householder',
        };
    }

    public function means(): string
    {
        return match ($this) {
            self::Owner => 'Everything, with the settings and the people of the crew.',
            self::Electrician => 'Everything in every house.',
            self::Helper => 'Sees every house and files facts. Is offered no live work; a helper\'s proof of dead opens no step for '
                . 'others.',
            self::Inspector, self::Householder => 'Sees one house, changes nothing, until a date.',
        };
    }

    public function isGuest(): bool
    {
        return $this === self::Inspector || $this === self::Householder;
    }

    /** Facts: what was read, seen, turned or proved. */
    public function mayFile(): bool
    {
        return ! $this->isGuest();
    }

    /** The house itself: what stands where, what is fed from what, what a call comes to. */
    public function mayChange(): bool
    {
        return $this === self::Owner || $this === self::Electrician;
    }

    /** Settings and people of the crew. */
    public function maySettle(): bool
    {
        return $this === self::Owner;
    }
}

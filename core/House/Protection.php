<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a rule can ask for at an outlet. */
enum Protection: string implements Choice
{
    case Gfci = 'gfci';
    case Afci = 'afci';
    case Tr = 'tr';
    case Wr = 'wr';

    public function label(): string
    {
        return match ($this) {
            self::Gfci => 'GFCI',
            self::Afci => 'AFCI',
            self::Tr => 'Tamper-resistant',
            self::Wr => 'Weather-resistant',
        };
    }

    /** Whether a device or breaker gives it to outlets beyond; the rest is built into the outlet itself. */
    public function isGivenByDevices(): bool
    {
        return $this === self::Gfci || $this === self::Afci;
    }
}

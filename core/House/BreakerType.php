<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What protects a circuit at its origin. */
enum BreakerType: string implements Choice
{
    case Standard = 'standard';
    case Gfci = 'gfci';
    case Afci = 'afci';
    case Dual = 'dual';
    case Fuse = 'fuse';

    public function label(): string
    {
        return match ($this) {
            self::Standard => 'Standard breaker',
            self::Gfci => 'GFCI breaker',
            self::Afci => 'AFCI breaker',
            self::Dual => 'Dual-function breaker',
            self::Fuse => 'Fuse',
        };
    }

    public function givesGfci(): bool
    {
        return $this === self::Gfci || $this === self::Dual;
    }

    public function givesAfci(): bool
    {
        return $this === self::Afci || $this === self::Dual;
    }

    /** Whether it watches for more than too many amperes. */
    public function isProtective(): bool
    {
        return $this->givesGfci() || $this->givesAfci();
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The protection a point's own device gives. */
enum Device: string implements Choice
{
    case Standard = 'standard';
    case Gfci = 'gfci';
    case Afci = 'afci';
    case Dual = 'dual';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Standard => 'Standard',
            self::Gfci => 'GFCI',
            self::Afci => 'Outlet-type AFCI',
            self::Dual => 'Dual-function',
            self::None => 'No device',
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

    /** Of an arc-fault device: what a tester's button leaks, it need not see. */
    public function isProvedByItsOwnTestAlone(): bool
    {
        return $this->givesAfci() && ! $this->givesGfci();
    }

    /** A device with separate LINE and LOAD ends; on anything else line, load and splice are one place. */
    public function feedsThrough(): bool
    {
        return $this->givesGfci() || $this->givesAfci();
    }
}

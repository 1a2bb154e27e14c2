<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How the conductors of a run are protected. */
enum WiringMethod: string implements Choice
{
    case Nm = 'nm';
    case Mc = 'mc';
    case Ac = 'ac';
    case Emt = 'emt';
    case Rmc = 'rmc';
    case Pvc = 'pvc';
    case Concrete = 'concrete';

    public function label(): string
    {
        return match ($this) {
            self::Nm => 'NM cable',
            self::Mc => 'MC cable',
            self::Ac => 'AC cable',
            self::Emt => 'EMT',
            self::Rmc => 'Rigid metal conduit',
            self::Pvc => 'PVC conduit',
            self::Concrete => 'Raceway in concrete',
        };
    }

    /** Metal that grounds what it feeds, taken as the listed kind. */
    public function isMetal(): bool
    {
        return in_array($this, [self::Mc, self::Ac, self::Emt, self::Rmc], true);
    }
}

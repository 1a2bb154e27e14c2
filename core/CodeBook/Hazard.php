<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Protection;

/** What a finding can do to somebody now, whatever the code asks. */
enum Hazard: string
{
    /** Somebody may get a shock, or is not protected from one. */
    case Shock = 'shock';

    /** Something may overheat or arc. */
    case Fire = 'fire';

    /** Something goes dark or silent, and spoils or is missed. */
    case Dark = 'dark';

    case None = 'none';

    /** What can happen where a protection is missing. */
    public static function without(Protection $protection): self
    {
        return $protection === Protection::Afci ? self::Fire : self::Shock;
    }

    public function label(): string
    {
        return match ($this) {
            self::Shock => 'shock',
            self::Fire => 'fire',
            self::Dark => 'goes dark',
            self::None => 'none',
        };
    }
}

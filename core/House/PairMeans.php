<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How the feed among the pairs of a box was told. Each carries its own reliability. */
enum PairMeans: string implements Choice
{
    case Meter = 'meter';
    case NonContact = 'non_contact';
    case Lamp = 'lamp';
    case Cap = 'cap';
    case Mark = 'mark';
    case OldLanding = 'old_landing';

    public function label(): string
    {
        return match ($this) {
            self::Meter => 'meter',
            self::NonContact => 'non-contact tester',
            self::Lamp => 'lamp on two leads',
            self::Cap => 'capping it and trying',
            self::Mark => 'a mark or tag',
            self::OldLanding => 'where it sat on the old device',
        };
    }

    /**
     * A non-contact tester glows on induced voltage, a mark is a hand's word, an old landing may have been wrong, an outlet may be dead for
     * another reason: likely, never certain.
     */
    public function isProof(): bool
    {
        return $this === self::Meter || $this === self::Lamp;
    }

    /** Whether it is read with all pairs apart and power on. */
    public function isRead(): bool
    {
        return $this === self::Meter || $this === self::Lamp || $this === self::NonContact;
    }
}

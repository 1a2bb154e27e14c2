<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** What a plan goes by, beside what the code asks. */
enum Strategy: string
{
    /** Cost alone. */
    case Fewest = 'fewest';

    /** As cost, but whatever GFCI covers a receptacle is in the same room. */
    case Local = 'local';

    /** Only breakers change; devices and landings stay as they are. */
    case Panel = 'panel';

    public function label(): string
    {
        return match ($this) {
            self::Fewest => 'Fewest parts',
            self::Local => 'Reset where you stand',
            self::Panel => 'At the panel',
        };
    }

    /** Whether boxes in the rooms may be opened. */
    public function opensBoxes(): bool
    {
        return $this !== self::Panel;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A code with editions of its own: a town moves from one edition to the next, never across the border. */
enum Family: string implements Choice
{
    case Nec = 'nec';
    case Cec = 'cec';

    public function label(): string
    {
        return strtoupper($this->value);
    }

    /** Whether it gives its lengths in metres. */
    public function isMetric(): bool
    {
        return $this === self::Cec;
    }
}

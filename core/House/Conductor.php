<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A conductor of a pair, or the ground that goes with it. */
enum Conductor: string implements Choice
{
    case Hot = 'hot';
    case Neutral = 'neutral';
    case Ground = 'ground';

    public function label(): string
    {
        return $this->value;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

enum Conductor: string
{
    case Hot = 'hot';
    case Neutral = 'neutral';
    case Ground = 'ground';
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

/** The two conductors a meter is held between. */
enum Between: string
{
    case HotNeutral = 'hn';
    case HotGround = 'hg';
    case NeutralGround = 'ng';

    public function label(): string
    {
        return match ($this) {
            self::HotNeutral => 'hot to neutral',
            self::HotGround => 'hot to ground',
            self::NeutralGround => 'neutral to ground',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * The two places a meter is held between. The reference is a grounded lead brought from outside the box, proved on a live point before and
 * after.
 */
enum Between: string implements Choice
{
    case HotNeutral = 'hn';
    case HotGround = 'hg';
    case NeutralGround = 'ng';
    case HotReference = 'hr';
    case NeutralReference = 'nr';

    public function label(): string
    {
        return match ($this) {
            self::HotNeutral => 'hot to neutral',
            self::HotGround => 'hot to ground',
            self::NeutralGround => 'neutral to ground',
            self::HotReference => 'hot to the reference lead',
            self::NeutralReference => 'neutral to the reference lead',
        };
    }

    /** Whether it is held against a lead from outside. */
    public function isReference(): bool
    {
        return $this === self::HotReference || $this === self::NeutralReference;
    }

    /** Whether the hot has no part in it. */
    public function isNeutralAlone(): bool
    {
        return $this === self::NeutralGround || $this === self::NeutralReference;
    }

    /**
     * What has to be read in one place. Without a ground in the box hot to neutral alone proves nothing, for the neutral may be open.
     *
     * @return list<self>
     */
    public static function toProve(bool $hasGround): array
    {
        return $hasGround
            ? [self::HotNeutral, self::HotGround, self::NeutralGround]
            : [self::HotNeutral, self::HotReference, self::NeutralReference];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

/** What something adds to what is done anyway. */
final readonly class AddedCost
{
    /** @param float $cost parts and labour, to the cent */
    public function __construct(
        public float $minutes,
        public float $cost,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Point;

/** A box as it stands since somebody opened it. */
final readonly class OpenedBox
{
    public function __construct(
        public Point $point,
        public BoxState $state,
        public ?string $at,
        public ?string $who,
    ) {
    }

    /** What it is, and what has to be done before power comes to it, in words. */
    public function spoken(): string
    {
        $code = $this->point->code;

        return match ($this->state) {
            BoxState::Opened => "The box of $code is open: make it up, or cap every conductor, before power comes to it",
            BoxState::Apart => "The box of $code has pairs apart: cap every conductor, hot and neutral of each pair, before power "
                . 'comes to it',
            BoxState::Capped => "The box of $code is open, every conductor capped: keep hands out of it",
            BoxState::MadeUp => "The box of $code is made up",
        };
    }
}

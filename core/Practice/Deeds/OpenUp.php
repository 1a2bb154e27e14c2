<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** Plate off, device drawn out, pairs still landed. */
final readonly class OpenUp extends BoxDeed
{
    public const MINUTES = 3.0;

    public static function name(): string
    {
        return 'open_box';
    }

    public function minutes(Visit $visit): float
    {
        return self::MINUTES;
    }

    public function touches(): bool
    {
        return true;
    }

    public function done(Places $places): string
    {
        return "Plate off at {$places->point($this->point)}, device drawn out";
    }

    public function carryOut(Visit $visit): string
    {
        if ($visit->isOpen($this->point)) {
            throw new NotPossible('That box stands open already.');
        }
        $visit->leaves($this->point, BoxState::Opened);
        $pairs = count($visit->cablesIn($this->point));

        return $pairs === 1 ? 'one pair' : "$pairs pairs";
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** Every conductor of an open box capped or in a connector, so that it can be read live. */
final readonly class CapPairs extends BoxDeed
{
    private const MINUTES = 2.0;

    public static function name(): string
    {
        return 'cap';
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
        return "Every conductor capped at {$places->point($this->point)}, ready to be read live";
    }

    public function carryOut(Visit $visit): string
    {
        if (! $visit->isOpen($this->point)) {
            throw new NotPossible('That box is not open.');
        }
        $visit->leaves($this->point, BoxState::Capped);

        return 'done';
    }
}

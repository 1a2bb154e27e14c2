<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\Diagnose\Pricing;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** A box made up as it stands, a lifted pair capped in it, and folded in. */
final readonly class MakeUp extends BoxDeed
{
    public static function name(): string
    {
        return 'make_up';
    }

    public function minutes(Visit $visit): float
    {
        return Pricing::MAKING_UP;
    }

    public function touches(): bool
    {
        return true;
    }

    public function done(Places $places): string
    {
        return "{$places->point($this->point)} made up and folded in, plate on";
    }

    public function carryOut(Visit $visit): string
    {
        if (! $visit->isOpen($this->point)) {
            throw new NotPossible('That box is not open.');
        }
        $visit->leaves($this->point, BoxState::MadeUp);

        return 'done';
    }
}

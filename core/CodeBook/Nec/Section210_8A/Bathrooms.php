<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(1): every receptacle in a bathroom. */
final class Bathrooms extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-bathrooms';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(1)');
    }

    public function reason(): string
    {
        return 'Wet skin and a basin within reach: every receptacle in a bathroom counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return $area->kind === AreaKind::Bathroom ? "{$area->code} is a bathroom." : null;
    }

    protected function places(Edition $edition): string
    {
        return 'bathrooms';
    }
}

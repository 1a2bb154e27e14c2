<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(3): every receptacle outdoors. */
final class Outdoors extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-outdoors';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(3)');
    }

    public function reason(): string
    {
        return 'Earth underfoot and rain: every receptacle outdoors counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return $area->kind === AreaKind::Outdoors ? "{$area->code} is outdoors." : null;
    }

    public function band(Edition $edition): string
    {
        return 'whole area';
    }

    protected function places(Edition $edition): string
    {
        return 'outdoors';
    }
}

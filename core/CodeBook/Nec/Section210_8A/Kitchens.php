<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/** NEC 210.8(A)(6): kitchens; until 2020 only receptacles that serve the countertop. */
final class Kitchens extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-kitchens';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(6)');
    }

    public function reason(): string
    {
        return 'Water, metal cases and bare hands at the counter: receptacles in a kitchen count.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        if ($area->kind !== AreaKind::Kitchen) {
            return null;
        }

        return "{$area->code} is a kitchen" . ($this->countsAll($context->edition) ? '.' : ', and it serves the countertop.');
    }

    public function speaksOf(Point $point, Edition $edition): bool
    {
        return $this->countsAll($edition) || $point->serves() === Serves::Countertop;
    }

    public function band(Edition $edition): string
    {
        return $this->countsAll($edition) ? 'every receptacle' : 'countertop only';
    }

    public function countsAll(Edition $edition): bool
    {
        return $edition->isFrom(Edition::Nec2023);
    }

    protected function places(Edition $edition): string
    {
        return $this->countsAll($edition) ? 'kitchens, every receptacle' : 'kitchens, what serves the countertop';
    }
}

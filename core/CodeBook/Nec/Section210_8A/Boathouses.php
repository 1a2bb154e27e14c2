<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(8), in 2023 (A)(9): boathouses. */
final class Boathouses extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-boathouses';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(A)(8)', '210.8(A)(8)', '210.8(A)(8)', '210.8(A)(9)');
    }

    public function reason(): string
    {
        return 'Open water below: every receptacle in a boathouse counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return $area->kind === AreaKind::Boathouse ? "{$area->code} is a boathouse." : null;
    }

    protected function places(Edition $edition): string
    {
        return 'boathouses';
    }
}

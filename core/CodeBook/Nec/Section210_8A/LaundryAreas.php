<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\LaundryPlace;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(10), in 2023 (A)(11): laundry areas, by the room or by the washer that stands in it. */
final class LaundryAreas extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-laundry-areas';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(A)(10)', '210.8(A)(10)', '210.8(A)(10)', '210.8(A)(11)');
    }

    public function reason(): string
    {
        return 'Machines that hold water and hands that are wet: every receptacle in a laundry area counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return LaundryPlace::why($context, $area);
    }

    protected function places(Edition $edition): string
    {
        return 'laundry areas, and any room with a receptacle for a washer (likely)';
    }
}

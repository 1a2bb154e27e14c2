<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\House;
use App\Persistence\Derived;
use App\Persistence\Judged;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Sheets\KeepSheet;

/**
 * What a stored house needs after the work; kept until the house or the day is another.
 *
 * @phpstan-import-type KeepPage from KeepSheet
 */
final class KeptPage
{
    /** So many on a page: each is read whole where nothing of it is kept. */
    public const HOUSES = 25;

    /**
     * @param \Closure(): CoreHouse $load
     *
     * @return KeepPage
     */
    public static function of(House $row, \Closure $load): array
    {
        $today = now()->toDateString();
        $rule = Judged::replacement($row);

        return Derived::of($row, 'kept', [$today, $rule->years], fn(): array => KeepSheet::of($load(), $today, $rule));
    }
}

<?php

declare(strict_types=1);

namespace App\Papers;

use App\Pages\OfferPage;

/**
 * An offer on paper: the same that the customer's page shows.
 *
 * @phpstan-import-type OfferShown from OfferPage
 */
final class ScopePaper
{
    /** @param OfferShown $shown */
    public static function pdf(array $shown): string
    {
        return Pdf::of('paper.scope', $shown);
    }
}

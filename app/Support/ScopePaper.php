<?php

declare(strict_types=1);

namespace App\Support;

use App\Pages\OfferPage;
use Dompdf\Dompdf;
use Dompdf\Options;

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
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']);
        $paper = new Dompdf($options);
        $paper->loadHtml(view('paper.scope', $shown)->render());
        $paper->setPaper('letter');
        $paper->render();

        return $paper->output();
    }
}

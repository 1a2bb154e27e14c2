<?php

declare(strict_types=1);

namespace App\Papers;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\File;

/** A view on paper. Nothing is fetched for it, and no code in it runs. */
final class Pdf
{
    /**
     * @param view-string $view
     * @param array<string, mixed> $shown
     * @param string|array{float, float, float, float} $size by name, or in points from 0, 0
     */
    public static function of(string $view, array $shown, string|array $size = 'letter'): string
    {
        // Packages stay as they were installed: what is worked out of their fonts is kept elsewhere.
        $fonts = storage_path('framework/cache/fonts');
        File::ensureDirectoryExists($fonts);
        $paper = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontCache' => $fonts,
        ]));
        $paper->loadHtml(view($view, $shown)->render());
        $paper->setPaper($size);
        $paper->render();

        return $paper->output();
    }
}

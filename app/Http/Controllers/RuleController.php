<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Bouclier\Sheets\RuleSheet;
use Inertia\Inertia;
use Inertia\Response;

/** The code book as it is. */
final class RuleController
{
    public function index(): Response
    {
        return Inertia::render('Rules', RuleSheet::shipped());
    }
}

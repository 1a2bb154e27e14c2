<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ExportCrew;
use App\Http\Requests\OwnPasswordRequest;
use App\Http\SignedIn;
use App\Models\Crew;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A crew as a whole: everything of it as one archive, and its deletion, which can be thought over. */
final class CrewController
{
    public function export(Request $request, ExportCrew $export): BinaryFileResponse
    {
        $crew = SignedIn::crew($request);

        return response()
            ->download($export($crew), Str::slug($crew->name) . '.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function delete(OwnPasswordRequest $request): RedirectResponse
    {
        SignedIn::crew($request)->update(['deletes_at' => now()->addDays(Crew::GRACE_DAYS)]);

        return back()->with('status', 'The crew will be deleted in ' . Crew::GRACE_DAYS . ' days. Until then nothing is lost.');
    }

    public function keep(Request $request): RedirectResponse
    {
        SignedIn::crew($request)->update(['deletes_at' => null]);

        return back()->with('status', 'The crew is kept.');
    }
}

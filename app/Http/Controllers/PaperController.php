<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LeavePageRequest;
use App\Http\Requests\SignRequest;
use App\Http\SignedIn;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\TestRecord;
use App\Pages\PapersPage;
use App\Papers\HousePapers;
use App\Papers\PaperKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Inertia\Inertia;
use Inertia\Response as Page;

/** The papers of a house, and what is left with who lives there. */
final readonly class PaperController
{
    public function __construct(private HousePapers $papers)
    {
    }

    public function index(House $house): Page
    {
        return Inertia::render('houses/Papers', PapersPage::of($house));
    }

    public function show(Request $request, House $house, PaperKind $paper): Response
    {
        return self::pdf($this->papers->pdf($house, SignedIn::crew($request), SignedIn::user($request), $paper), $paper->value);
    }

    /** Of a record that was signed, the paper as it was. */
    public function signed(House $house, string $number): Response
    {
        $record = TestRecord::query()->where('house_id', $house->id)->where('number', $number)->firstOrFail();

        return self::pdf($this->papers->signedPdf($record), "record-{$record->number}");
    }

    public function sign(SignRequest $request, House $house): RedirectResponse
    {
        $this->papers->sign($house, SignedIn::crew($request), SignedIn::user($request), $request->name());

        return back();
    }

    /** The page of the house, for who lives there. */
    public function leave(LeavePageRequest $request, House $house): RedirectResponse
    {
        OutsideLink::leave(
            $house,
            SignedIn::user($request),
            LinkPurpose::House,
            [],
            LinkPurpose::House->daysOpen(),
            $request->mail(),
        );

        return back();
    }

    public function withdraw(House $house, string $link): RedirectResponse
    {
        $found = OutsideLink::query()->where('house_id', $house->id)
            ->whereIn('purpose', [LinkPurpose::House, LinkPurpose::Device])->findOrFail($link);
        $found->update(['withdrawn_at' => $found->withdrawn_at ?? now()]);

        return back();
    }

    private static function pdf(string $pdf, string $name): Response
    {
        return response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name.pdf\""]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AcceptOffer;
use App\Http\Requests\AskedRequest;
use App\Http\Requests\OfferAnswerRequest;
use App\Http\SignedIn;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Pages\OfferPage;
use App\Papers\ScopePaper;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use Bouclier\Core\Exchange\PlanReader;
use Bouclier\Sheets\OfferSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A scope offered to a customer: a page with an end date, the same on paper, and what is accepted on it. */
final readonly class OfferController
{
    private const MOST_LINES = 500;
    private const MOST_DAYS = 365;

    public function __construct(private HouseStore $store)
    {
    }

    public function index(House $house): JsonResponse
    {
        return response()->json(['offers' => OfferPage::lines($house)]);
    }

    public function store(AskedRequest $request, House $house): JsonResponse
    {
        $asked = $request->asked();
        $user = SignedIn::user($request);
        $crew = SignedIn::crew($request);
        $days = $asked->has('days') ? $asked->whole('days', 1, self::MOST_DAYS) : LinkPurpose::Offer->daysOpen();
        OutsideLink::leave($house, $user, LinkPurpose::Offer, OfferSheet::of(
            Judged::by($house, $this->store->load($house)),
            PlanReader::choice($asked),
            $asked->texts('keys', self::MOST_LINES),
            $crew->name,
            $crew->licence,
            now()->toDateString(),
            now()->addDays($days)->toDateString(),
        ), $days);

        return $this->index($house);
    }

    public function withdraw(House $house, string $link): JsonResponse
    {
        $found = OutsideLink::query()->where('house_id', $house->id)->where('purpose', LinkPurpose::Offer)->findOrFail($link);
        $found->update(['withdrawn_at' => $found->withdrawn_at ?? now()]);

        return $this->index($house);
    }

    public function answer(OfferAnswerRequest $request, string $token, AcceptOffer $accept): RedirectResponse
    {
        $accept($token, $request->ticked(), $request->name());

        return back();
    }

    public function paper(string $token): Response
    {
        $link = OutsideLink::query()->where('token', $token)->where('purpose', LinkPurpose::Offer)->firstOrFail();
        abort_unless($link->isOpen(), 410);
        $shown = OfferPage::shown($link);

        return response(ScopePaper::pdf($shown), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="scope.pdf"',
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HearOwner;
use App\Http\Requests\OwnerRequest;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Persistence\HouseStore;
use App\Support\Photograph;
use Bouclier\Core\Exchange\CalendarWriter;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\Keep\DueDates;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Any;

/** What who lives there tells and fetches by the address of a page that was left with them. */
final readonly class OwnerController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function tell(OwnerRequest $request, string $token, HearOwner $hear): RedirectResponse
    {
        $hear($token, $request->said());

        return back();
    }

    /** No more mail about the tests. */
    public function unmail(string $token): RedirectResponse
    {
        $this->link($token, [LinkPurpose::House])->update(['mail' => null]);

        return back();
    }

    /** The tests of the house, for a calendar to subscribe to. */
    public function calendar(string $token): Response
    {
        $link = $this->link($token, [LinkPurpose::House]);
        $today = now()->toDateString();
        $house = $this->store->load($link->house);

        return response(CalendarWriter::text($house, DueDates::of($house, $today), $today, $link->house_id), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="house.ics"',
        ]);
    }

    /** A photograph of a device: one that is of an outlet of the house. */
    public function photo(string $token, string $photo): Any
    {
        $link = $this->link($token, [LinkPurpose::House, LinkPurpose::Device]);
        $device = $link->purpose === LinkPurpose::Device && is_string($link->asked->device ?? null) ? $link->asked->device : null;
        $isShown = array_filter(
            $this->store->load($link->house)->entries->all(Photo::class),
            fn(Photo $one): bool => $one->file === $photo && ($device === null || $one->point === $device),
        );
        abort_if($isShown === [], 404);

        return Photograph::sent($link->house_id, $photo);
    }

    /** @param list<LinkPurpose> $purposes */
    private function link(string $token, array $purposes): OutsideLink
    {
        $link = OutsideLink::query()->where('token', $token)->whereIn('purpose', $purposes)->firstOrFail();
        abort_unless($link->isOpen(), 410);

        return $link;
    }
}

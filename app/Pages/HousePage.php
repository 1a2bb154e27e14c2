<?php

declare(strict_types=1);

namespace App\Pages;

use App\Jobs\ThinkAhead;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\Hunt;
use App\Models\OutsideLink;
use App\Models\Revision;
use App\Models\User;
use App\Persistence\Derived;
use App\Persistence\Diagnosed;
use App\Persistence\Judged;
use App\Support\Asking;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Sheets\BoxSheet;
use Bouclier\Sheets\Deciding;
use Bouclier\Sheets\HouseSheet;
use Bouclier\Sheets\HuntSheet;
use Bouclier\Sheets\LiveSheet;
use Bouclier\Sheets\ReadsSheet;
use Bouclier\Sheets\RoundSheet;
use Bouclier\Sheets\RunsSheet;
use Bouclier\Sheets\TripsSheet;
use Illuminate\Support\Collection;

/**
 * The sheets of a stored house: as its crew judges it, for who asks now, with its revisions; what takes long is kept.
 *
 * @phpstan-import-type HouseHead from HouseSheet
 * @phpstan-import-type Room from HouseSheet
 * @phpstan-import-type ConcernShown from HouseSheet
 * @phpstan-import-type Item from HouseSheet
 * @phpstan-import-type Proving from HouseSheet
 * @phpstan-import-type Breaker from LiveSheet
 * @phpstan-import-type Main from LiveSheet
 * @phpstan-import-type Alarm from LiveSheet
 * @phpstan-import-type BoxPage from BoxSheet
 * @phpstan-import-type ReadsPage from ReadsSheet
 * @phpstan-import-type RoundPage from RoundSheet
 * @phpstan-import-type RunsPage from RunsSheet
 * @phpstan-import-type CallShown from TripsSheet
 * @phpstan-import-type Question from TripsSheet
 * @phpstan-import-type EarlierCall from TripsSheet
 * @phpstan-import-type CallState from TripsSheet
 * @phpstan-import-type HuntPage from HuntSheet
 * @phpstan-import-type HouseholderPage from OutsidePage
 * @phpstan-type JudgedPage array{
 *     house: HouseHead,
 *     rooms: list<Room>,
 *     // Everything found by what has to be done about it, the worst first; and the ids of the three worst.
 *     concerns: list<ConcernShown>,
 *     worst: list<string>,
 *     // What is still to be done, and what was closed with evidence.
 *     items: list<Item>,
 *     // Facts the verdicts rest on and nobody has recorded, each once.
 *     granted: int,
 *     // Where in the first panel a breaker can still go.
 *     freeSlots: list<int>,
 *     // The test round after the work; null where nothing was touched.
 *     proving: Proving|null,
 *     live: list<Breaker>,
 *     mains: list<Main>,
 *     // What is live and should not be: power on a box that is open.
 *     alarms: list<Alarm>,
 * }
 * @phpstan-type CallPage array{
 *     call: CallShown|null,
 *     questions: list<Question>,
 *     earlier: list<EarlierCall>,
 *     // What the open call is about was taken out of the house.
 *     gone: bool,
 *     // Null while no call is open, or what it is about is gone.
 *     state: CallState|null,
 *     // The last pages left with the householder.
 *     pages: list<HouseholderPage>,
 * }
 * @phpstan-type RevisionLine array{number: int, kind: string, summary: string, who: string|null, at: string}
 */
final class HousePage
{
    /** The last pages left with the householder. */
    private const PAGES = 10;

    /** @return JudgedPage */
    public static function of(House $row, CoreHouse $house): array
    {
        $house = Judged::by($row, $house);
        $today = now()->toDateString();
        $rule = Judged::replacement($row);
        $judged = Derived::of(
            $row,
            'sheet',
            [Judged::leakage($row), $today, $rule->years, $house->code->unit()->value],
            fn(): array => HouseSheet::of($house, $today, $rule),
        );

        return ['house' => self::head($row, $house), ...$judged, ...LiveSheet::of($house, Asking::now())];
    }

    /** @return JudgedPage the same of the house as it was after an earlier revision */
    public static function past(House $row, CoreHouse $house): array
    {
        $house = Judged::by($row, $house);

        return [
            'house' => self::head($row, $house),
            ...HouseSheet::of($house, now()->toDateString(), Judged::replacement($row)),
            ...LiveSheet::of($house, Asking::now()),
        ];
    }

    /** @return HouseHead with what undo would turn back on the phone that asks */
    public static function head(House $row, CoreHouse $house): array
    {
        $last = $row->revisions()->with('user')->where('number', $row->revision)->first();
        $user = auth()->user();
        $own = $user instanceof User ? Revision::ownOf($row, $user, Asking::phone())->orderByDesc('number')->first() : null;

        return HouseSheet::head($house, [
            'id' => $row->id,
            'revision' => $row->revision,
            'lastChange' => $last === null ? null : self::revision($last),
            'undo' => self::summaryOf($row, $own?->undo_top),
            'redo' => self::summaryOf($row, $own?->redo_top),
        ]);
    }

    /** @return BoxPage */
    public static function box(House $row, CoreHouse $house, string $point): array
    {
        $house = Judged::by($row, $house);

        return BoxSheet::of($house, $house->point($point), Asking::now());
    }

    /** @return ReadsPage */
    public static function reads(House $row, CoreHouse $house, string $point): array
    {
        $house = Judged::by($row, $house);

        return ReadsSheet::of($house, $house->point($point), Judged::priors($row), Asking::now());
    }

    /** @return RunsPage */
    public static function runs(House $row, CoreHouse $house): array
    {
        return RunsSheet::of(Judged::by($row, $house), Asking::now());
    }

    /** @return RoundPage */
    public static function round(House $row, CoreHouse $house): array
    {
        return RoundSheet::of(Judged::by($row, $house), Asking::now());
    }

    /**
     * The call, and the pages left with the householder for it. What is off and proved has its times, so what is kept goes by that, too.
     *
     * @return CallPage
     */
    public static function trips(House $row, CoreHouse $house): array
    {
        $asker = Asking::now();
        $stored = $house;
        $house = Judged::by($row, $house);
        $live = LiveSheet::of($house, $asker);
        $from = [
            Judged::leakage($row),
            Judged::priorsSaid($row),
            Judged::learned($row->crew_id),
            $asker->day(),
            $asker->helper,
            $asker->name,
            $live,
            $house->code->unit()->value,
        ];

        $sheet = Derived::of(
            $row,
            "trips {$asker->helper}",
            $from,
            fn(): array => TripsSheet::of($house, Judged::priors($row), $asker, Diagnosed::of($row, $stored)),
        );
        $next = $sheet['state']['next'] ?? null;
        $user = auth()->id();
        if ($next !== null && is_string($user) && config('calls.think_ahead') === true) {
            ThinkAhead::dispatch($row->id, $row->revision, $user, $next);
        }

        return [...$sheet, 'pages' => self::pages($row)];
    }

    /**
     * What is asked while something is decided. What takes long is kept until the house changes.
     *
     * @return array<mixed>
     */
    public static function decided(House $row, CoreHouse $house, string $path, Body $asked): array
    {
        $asker = Asking::now();
        $house = Judged::by($row, $house);

        return Derived::of(
            $row,
            $path,
            [$asked->said(), Judged::leakage($row), Judged::prices($row), $asker->day(), $house->code->unit()->value],
            fn(): array => Deciding::answer($path, $house, $asked, $asker),
        );
    }

    /** @return list<HouseholderPage> the last ones left with the householder */
    public static function pages(House $row): array
    {
        /** @var Collection<int, OutsideLink> $pages */
        $pages = OutsideLink::query()->where('house_id', $row->id)
            ->whereIn('purpose', [LinkPurpose::Questions, LinkPurpose::Trial])->orderByDesc('created_at')->limit(self::PAGES)->get();

        return array_map(OutsidePage::line(...), array_values($pages->all()));
    }

    /**
     * A search for a breaker as both phones show it.
     *
     * @return HuntPage|null null when what it is about was taken out of the house
     */
    public static function hunt(Hunt $row, CoreHouse $house): ?array
    {
        return HuntSheet::of(BreakerHunt::fromData($row->state), $house, $row->step, $row->user_id, $row->user?->name);
    }

    /** @return RevisionLine */
    public static function revision(Revision $revision): array
    {
        return [
            'number' => $revision->number,
            'kind' => $revision->kind,
            'summary' => $revision->summary,
            'who' => $revision->user?->name,
            'at' => $revision->created_at->toIso8601String(),
        ];
    }

    private static function summaryOf(House $row, ?int $number): ?string
    {
        return $number === null ? null : $row->revisions()->where('number', $number)->first()?->summary;
    }
}

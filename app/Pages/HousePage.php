<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\Asking;
use App\Models\House;
use App\Models\Hunt;
use App\Models\OutsideLink;
use App\Models\Revision;
use App\Persistence\Derived;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Sheets\BoxSheet;
use Bouclier\Sheets\HouseSheet;
use Bouclier\Sheets\HuntSheet;
use Bouclier\Sheets\LiveSheet;
use Bouclier\Sheets\RunsSheet;
use Bouclier\Sheets\TripsSheet;
use Illuminate\Support\Collection;

/** The sheets of a stored house: as its crew judges it, for who asks now, with its revisions; what takes long is kept. */
final class HousePage
{
    /** The last pages left with the householder. */
    private const PAGES = 10;

    /** @return array<string, mixed> */
    public static function of(House $row, CoreHouse $house): array
    {
        $house = Judged::by($row, $house);
        $today = now()->toDateString();
        $judged = Derived::of($row, 'sheet', [Judged::leakage($row), $today], fn(): array => HouseSheet::of($house, $today));

        return ['house' => self::head($row, $house), ...$judged, ...LiveSheet::of($house, Asking::now())];
    }

    /** @return array<string, mixed> the same of the house as it was after an earlier revision */
    public static function past(House $row, CoreHouse $house): array
    {
        $house = Judged::by($row, $house);

        return [
            'house' => self::head($row, $house),
            ...HouseSheet::of($house, now()->toDateString()),
            ...LiveSheet::of($house, Asking::now()),
        ];
    }

    /** @return array<string, mixed> with what undo would turn back */
    public static function head(House $row, CoreHouse $house): array
    {
        $last = $row->revisions()->with('user')->where('number', $row->revision)->first();

        return [
            'id' => $row->id,
            ...HouseSheet::head($house),
            'revision' => $row->revision,
            'lastChange' => $last === null ? null : self::revision($last),
            'undo' => self::summaryOf($row, $last?->undo_top),
            'redo' => self::summaryOf($row, $last?->redo_top),
        ];
    }

    /** @return array<string, mixed> */
    public static function box(House $row, CoreHouse $house, string $point): array
    {
        $house = Judged::by($row, $house);

        return BoxSheet::of($house, $house->point($point), Asking::now());
    }

    /** @return array<string, mixed> */
    public static function runs(House $row, CoreHouse $house): array
    {
        return RunsSheet::of(Judged::by($row, $house), Asking::now());
    }

    /**
     * The call, and the pages left with the householder for it. What is off and proved has its times, so what is kept goes by that, too.
     *
     * @return array<string, mixed>
     */
    public static function trips(House $row, CoreHouse $house): array
    {
        $asker = Asking::now();
        $house = Judged::by($row, $house);
        $live = LiveSheet::of($house, $asker);
        $from = [Judged::leakage($row), Judged::priorsSaid($row), substr($asker->now, 0, 10), $asker->helper, $asker->name, $live];
        /** @var Collection<int, OutsideLink> $pages */
        $pages = OutsideLink::query()->where('house_id', $row->id)->orderByDesc('created_at')->limit(self::PAGES)->get();

        return [
            ...Derived::of($row, "trips {$asker->helper}", $from, fn(): array => TripsSheet::of($house, Judged::priors($row), $asker)),
            'pages' => $pages->map(OutsidePage::line(...))->all(),
        ];
    }

    /**
     * A search for a breaker as both phones show it.
     *
     * @return array<string, mixed>|null null when what it is about was taken out of the house
     */
    public static function hunt(Hunt $row, CoreHouse $house): ?array
    {
        $sheet = HuntSheet::of(BreakerHunt::fromData($row->state), $house);

        return $sheet === null ? null : ['step' => $row->step, 'by' => $row->user_id, 'byName' => $row->user?->name, ...$sheet];
    }

    /** @return array{number: int, kind: string, summary: string, who: string|null, at: string} */
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

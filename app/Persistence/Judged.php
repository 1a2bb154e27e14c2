<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Entry;
use App\Models\House;
use App\Support\Asking;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\LeakageLibrary;

/**
 * A house as its crew judges it, with what the crew has found appliances to leak, and as who looks at it wants it said. Never stored so.
 */
final class Judged
{
    /** How often the crew finds each cause. */
    public static function priors(House $row): Priors
    {
        return Priors::standard()->with(self::priorsSaid($row), now()->format('Y-m-d'))->learned(self::learned($row->crew_id));
    }

    /**
     * @param string|null $crew its id
     *
     * @return array<int> settled calls of a crew, by the line of the table of priors each counts for
     */
    public static function learned(?string $crew): array
    {
        $lines = Entry::query()->join('houses', 'houses.id', '=', 'entries.house_id')->where('houses.crew_id', $crew)
            ->where('list', EntryList::Calls->value)->whereNotNull('said->line')->toBase()->select('said->line as line')->pluck('line');

        return array_count_values(array_filter($lines->all(), is_string(...)));
    }

    /** @return array<string, float> the numbers the crew has put in the place of ours */
    public static function priorsSaid(House $row): array
    {
        return $row->crew->priors ?? [];
    }

    public static function by(House $row, CoreHouse $house): CoreHouse
    {
        $judged = LeakageLibrary::judging($house, self::leakage($row));

        return $judged->with(code: $judged->code->shownIn(Asking::lengthUnit()));
    }

    /** @return array<string, list<float>> what the crew has found each class of appliances to leak */
    public static function leakage(House $row): array
    {
        return $row->crew->leakage ?? [];
    }
}

<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Entry;
use App\Models\House;
use App\Support\Asking;
use Bouclier\Core\Diagnose\Learned;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\House\Entries\Circumstance;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\Keep\ReplacementRule;
use Bouclier\Core\Plan\PriceTable;

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
     * What the settled calls of a crew came to, by the lines of the table of priors.
     *
     * @param string|null $crew its id
     */
    public static function learned(?string $crew): Learned
    {
        $said = Entry::query()->join('houses', 'houses.id', '=', 'entries.house_id')->where('houses.crew_id', $crew)
            ->where('list', EntryList::Calls->value)->whereNotNull('said->line')->toBase()
            ->selectRaw("json_value(said, '$.line') as line, json_extract(said, '$.circumstances') as circumstances")->get();

        return Learned::of(array_values(array_map(
            fn(object $one): array => [(string) $one->line, self::circumstances($one->circumstances)],
            $said->all(),
        )));
    }

    /** @return list<Circumstance> */
    private static function circumstances(?string $said): array
    {
        $all = $said === null ? [] : json_decode($said, true);

        return array_values(array_map(
            fn(array $one): Circumstance => new Circumstance($one['factor'], $one['held'], $one['share']),
            is_array($all) ? array_filter($all, is_array(...)) : [],
        ));
    }

    /** At what age its crew replaces a device. */
    public static function replacement(House $row): ReplacementRule
    {
        return new ReplacementRule($row->crew->replace_years ?? ReplacementRule::YEARS);
    }

    /** @return array<string, float> the numbers the crew has put in the place of ours */
    public static function priorsSaid(House $row): array
    {
        return $row->crew->priors ?? [];
    }

    public static function by(House $row, CoreHouse $house): CoreHouse
    {
        $judged = PriceTable::pricing(LeakageLibrary::judging($house, self::leakage($row)), self::prices($row));

        return $judged->with(code: $judged->code->shownIn(Asking::lengthUnit()));
    }

    /** @return array<string, mixed> what parts and time cost the crew, as the house file has it; empty where it has no table of its own */
    public static function prices(House $row): array
    {
        return $row->crew->prices ?? [];
    }

    /** @return array<string, list<float>> what the crew has found each class of appliances to leak */
    public static function leakage(House $row): array
    {
        return $row->crew->leakage ?? [];
    }
}

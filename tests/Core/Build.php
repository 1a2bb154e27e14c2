<?php

declare(strict_types=1);

namespace Tests\Core;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Entries\Entry;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** Houses for tests, in the words of the house file, through the real reader. */
final class Build
{
    private static ?HouseReader $reader = null;

    /** @param array<string, mixed> $parts */
    public static function house(array $parts = []): House
    {
        self::$reader ??= new HouseReader();

        return self::$reader->fromJson(self::json($parts));
    }

    /** @param array<string, mixed> $parts */
    public static function json(array $parts = []): string
    {
        return json_encode($parts + [
            'format' => 'bouclier.house', 'version' => 1, 'name' => 'Test', 'work' => 'new', 'code' => ['edition' => 'nec-2023'],
            'areas' => [self::area('a')], 'panels' => [['id' => 'main', 'name' => 'Main']],
            'circuits' => [self::circuit('c1'), self::circuit('c2')], 'points' => [], 'cables' => [], 'appliances' => [],
        ], JSON_THROW_ON_ERROR);
    }

    /** An entry as the file would have it. */
    public static function entry(EntryList $list, array $said): Entry
    {
        return PartForm::read($list->of(), json_decode(json_encode((object) $said, JSON_THROW_ON_ERROR)));
    }

    /** Actions, faults or readings as the file would have them. */
    public static function loose(array ...$said): array
    {
        return array_map(
            fn(array $one): Loose => new Loose(get_object_vars(json_decode(json_encode((object) $one, JSON_THROW_ON_ERROR)))),
            array_values($said),
        );
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function area(string $id, string $kind = 'living', array $more = []): array
    {
        return $more + ['id' => $id, 'code' => strtoupper($id) . '1', 'name' => "Room $id", 'kind' => $kind];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function circuit(string $id, array $more = []): array
    {
        return $more + ['id' => $id, 'panel' => 'main', 'slot' => $id, 'label' => "Circuit $id", 'amps' => 20];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function point(string $id, array $more = []): array
    {
        return $more + [
            'id' => $id, 'code' => "X-$id", 'area' => 'a', 'name' => "Point $id", 'kind' => 'receptacle', 'device' => 'standard',
        ];
    }

    /**
     * A cable in short: from a circuit ("c…") or a point, to a point.
     *
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function cable(string $from, string $to, mixed $leaves = null, mixed $lands = 'line', array $more = []): array
    {
        $start = $from[0] === 'c' ? ['circuit' => $from] : ['point' => $from] + ($leaves === null ? [] : ['land' => $leaves]);

        return $more + ['id' => "$from-$to", 'from' => $start, 'to' => ['point' => $to, 'land' => $lands]];
    }

    /**
     * One receptacle in one area, judged.
     *
     * @param array<string, mixed> $area
     * @param array<string, mixed> $point
     * @param array<string, mixed> $house
     */
    public static function judged(Edition $edition, array $area, array $point = [], array $house = [], ?Work $as = null): PointAssessment
    {
        $built = self::house(
            $house + ['areas' => [$area + self::area('a')], 'points' => [self::point('p', $point)], 'cables' => [self::cable('c1', 'p')]],
        );

        return (new Assess($built, $edition, $as))->point($built->point('p'));
    }

    /** @return list<string> the clauses that ask for GFCI */
    public static function gfciClauses(PointAssessment $judged): array
    {
        return self::clauses($judged, Protection::Gfci);
    }

    /** @return list<string> the clauses that ask for a kind of protection */
    public static function clauses(PointAssessment $judged, Protection $protection): array
    {
        return array_map(fn(Demand $demand): string => $demand->clause, $judged->demandsFor($protection));
    }

    /**
     * The clauses that ask for a kind of protection at one outlet, by edition, oldest NEC first.
     *
     * @param array<string, mixed> $area
     * @param array<string, mixed> $point
     * @param array<string, mixed> $house
     *
     * @return list<string> joined by a comma, empty where the edition asks nothing
     */
    public static function byEdition(Protection $protection, array $area, array $point = [], array $house = []): array
    {
        return array_map(
            fn(Edition $edition): string => implode(', ', self::clauses(self::judged($edition, $area, $point, $house), $protection)),
            [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
        );
    }

    /** @return list<string> ids of the findings at the point, in any order, and of the house as a whole */
    public static function findings(House $house, string $point = 'p', ?Edition $edition = null, ?Work $as = null): array
    {
        $assessment = (new Assess($house, $edition, $as))->house();
        $found = $assessment->findings;
        foreach ($assessment->points as $judged) {
            if ($judged->point->id === $point) {
                array_push($found, ...$judged->findings);
            }
        }

        return array_map(fn(Finding $finding): string => $finding->id, $found);
    }

    /**
     * How a finding is graded at a point or for the house as a whole, as new wiring, extension, replacement and existing; null where it is
     * not found.
     *
     * @param array<string, mixed> $parts of a house
     *
     * @return list<string|null>
     */
    public static function graded(string $id, array $parts, Edition $edition = Edition::Nec2023, string $point = 'p'): array
    {
        return array_map(function (Work $work) use ($id, $parts, $edition, $point): ?string {
            $assessment = (new Assess(self::house($parts), $edition, $work))->house();
            $all = $assessment->findings;
            foreach ($assessment->points as $judged) {
                array_push($all, ...($judged->point->id === $point ? $judged->findings : []));
            }
            foreach ($all as $finding) {
                if ($finding->id === $id) {
                    return $finding->severity->value;
                }
            }

            return null;
        }, [Work::New, Work::Extend, Work::Replace, Work::Existing]);
    }
}

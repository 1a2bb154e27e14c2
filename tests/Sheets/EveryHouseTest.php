<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Live\Asker;
use Bouclier\Sheets\AlternativesSheet;
use Bouclier\Sheets\BoxSheet;
use Bouclier\Sheets\ComparisonSheet;
use Bouclier\Sheets\HouseSheet;
use Bouclier\Sheets\LiveSheet;
use Bouclier\Sheets\MeasureSheet;
use Bouclier\Sheets\RunsSheet;
use Bouclier\Sheets\TripsSheet;
use Tests\Core\RandomHouse;

/** Every sheet of a house, as a page is sent them. */
function everySheetOf(House $house): array
{
    $by = new Asker('2026-03-02T10:00:00Z', 'Ada');
    $point = $house->points[0];

    return [
        'house' => HouseSheet::of($house, '2026-03-02'),
        'live' => LiveSheet::of($house, $by),
        'runs' => RunsSheet::of($house, $by),
        'box' => BoxSheet::of($house, $point, $by),
        'measures' => MeasureSheet::of($house, $point),
        'alternatives' => AlternativesSheet::of($house, $point),
        'compared' => ComparisonSheet::of($house, Edition::Nec2014, Edition::Nec2023),
        'trips' => TripsSheet::of($house, Priors::standard(), $by),
    ];
}

/** @return list<string> every number of a page that is none, by the way to it */
function unfit(mixed $value, string $way = ''): array
{
    return match (true) {
        is_float($value) => is_finite($value) ? [] : [$way],
        $value instanceof JsonSerializable => unfit($value->jsonSerialize(), $way),
        is_object($value) => unfit(get_object_vars($value), $way),
        is_array($value) => array_merge(
            [],
            ...array_map(fn(mixed $one, int|string $key): array => unfit($one, "$way/$key"), $value, array_keys($value)),
        ),
        default => [],
    };
}

it('shows any house the format allows, whatever is wrong in it', function (int $from): void {
    for ($seed = $from; $seed < $from + 6; ++$seed) {
        $house = (new HouseReader())->fromJson(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        $told = $house->with(call: new Call(new Complaint(SymptomKind::Trips, $house->points[0]->id)));
        $sheets = everySheetOf($told);
        expect(unfit($sheets))->toBe([], "seed $seed")
            ->and(json_encode($sheets, JSON_THROW_ON_ERROR))->toBeString()
            ->and(array_sum(array_map(fn(array $room): int => count($room['outlets']), $sheets['house']['rooms'])))
            ->toBe(count($house->points))
            // Some rooms alone are what they are in the whole.
            ->and(json_encode(HouseSheet::rooms($told, [$house->areas[0]->id], '2026-03-02')))
            ->toBe(json_encode(array_slice($sheets['house']['rooms'], 0, 1)))
            ->and(count($sheets['runs']['outlets']->all))->toBe(count($house->points))
            ->and($sheets['trips']['state'])->not->toBeNull();
    }
})->with([1, 7, 13]);

it('shows a house with nothing in it', function (): void {
    $house = (new HouseReader())->fromJson((string) json_encode([
        'format' => 'bouclier.house', 'version' => 1, 'name' => 'Bare', 'work' => 'new', 'code' => ['edition' => 'cec-2021'],
        'areas' => [], 'panels' => [], 'circuits' => [], 'points' => [], 'cables' => [], 'appliances' => [],
    ]));
    $by = new Asker('2026-03-02T10:00:00Z', 'Ada');
    expect(HouseSheet::of($house, '2026-03-02'))->toBe([
        'concerns' => [], 'worst' => [], 'rooms' => [], 'items' => [], 'granted' => 0, 'freeSlots' => range(1, 42),
        'proving' => null,
    ])
        ->and(LiveSheet::of($house, $by))->toBe(['live' => [], 'mains' => [], 'alarms' => []])
        // No outlets are an object of none, not a list.
        ->and(json_encode(RunsSheet::of($house, $by)['outlets']))->toBe('{}')
        ->and(TripsSheet::of($house, Priors::standard(), $by))->toMatchArray(['call' => null, 'gone' => false, 'state' => null]);
});

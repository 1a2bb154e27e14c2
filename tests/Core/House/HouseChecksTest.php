<?php

declare(strict_types=1);

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\HouseChecks;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Work;

/** @param array<int, int|null> $feeds the point that feeds each point; null for the breaker */
function wired(array $feeds): House
{
    $points = array_map(
        fn(int $i): Point => new Point("$i", "X-$i", 'a', "Point $i", PointKind::Receptacle, Device::Standard),
        array_keys($feeds),
    );
    $cables = [];
    foreach ($feeds as $to => $from) {
        $cables[] = new Cable("w$to", $from === null ? new CableOrigin(['c1']) : new CableEnd("$from"), new CableEnd("$to"));
    }
    shuffle($cables);

    return new House(
        'T',
        Work::New,
        new CodeOfPlace(Edition::Nec2023),
        [new Area('a', 'A', 'A', AreaKind::Living)],
        [new Panel('m', 'M')],
        [new Circuit('c1', 'm', '1', 'One', 20.0)],
        $points,
        $cables,
    );
}

/** Whether walking up from every point ends: the slow way, without a memory. */
function endsEverywhere(array $feeds): bool
{
    foreach (array_keys($feeds) as $start) {
        $at = $start;
        for ($steps = 0; $at !== null; ++$steps) {
            if ($steps > count($feeds)) {
                return false;
            }
            $at = $feeds[$at] ?? null;
        }
    }

    return true;
}

it('finds a loop in every wiring that has one, and in no other', function (): void {
    mt_srand(9);
    $loops = 0;
    for ($round = 0; $round < 400; ++$round) {
        $count = mt_rand(1, 9);
        $feeds = [];
        for ($i = 0; $i < $count; ++$i) {
            $feeds[$i] = mt_rand(0, 3) === 0 ? null : mt_rand(0, $count - 1);
        }
        $faults = array_filter(HouseChecks::faultsIn(wired($feeds)), fn(FileFault $fault): bool => str_contains($fault->message, 'loop'));
        expect($faults === [])->toBe(endsEverywhere($feeds), json_encode($feeds));
        $loops += $faults === [] ? 0 : 1;
    }
    expect($loops)->toBeGreaterThan(50)->toBeLessThan(350);
});

it('says each loop once', function (): void {
    $faults = HouseChecks::faultsIn(wired([0 => 1, 1 => 0, 2 => 3, 3 => 2, 4 => 0, 5 => 2, 6 => null]));
    expect($faults)->toHaveCount(2);
});

<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\User;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\Network\Expected;
use Tests\FeatureTestCase;

function measuredHouse($test): House
{
    $house = $test->demoHouseOf($test->crewMember());
    $test->actingAs(User::query()->where('crew_id', $house->crew_id)->firstOrFail());

    return $house;
}

it('says what every instrument should show at an outlet, and what a difference means', function (): void {
    $house = measuredHouse($this);
    $measures = fn(): array => $this->getJson("/houses/{$house->id}/outlets/k2/measures")->assertOk()->json();
    $first = $measures();
    expect($first['lamps'])->toBe(['hn' => true, 'hg' => true, 'ng' => false])
        ->and($first['volts']['hn'])->toBeGreaterThan(120.0)->toBeLessThan(121.4)

            ->and(array_column($first['profile'], 'code'))
            ->toBe(['K1-01', 'K1-02'])
            ->and($first['trips'])
            ->toBeNull()
            ->and($first['budgets'][0]['spoken'])
            ->toBe('K1-01');
    $file = fn(array $reading) => $this->postJson(
        "/houses/{$house->id}/readings",
        ['revision' => $house->fresh()?->revision, 'point' => 'k2', ...$reading],
    );
    $file(['volts' => 97, 'between' => 'hn'])->assertOk();
    $file(['ma' => 14.5, 'cable' => 'w2'])->assertOk();
    expect(array_column($measures()['read'], 'read'))->toBe(['Clamp 14.5 mA', 'Hot to neutral 97 V'])
        ->and($measures()['read'][1]['means'])->toContain('poor joint')
        ->and($measures()['read'][0]['means'])->toContain('leaks beyond');
    $file(['ma' => 2])->assertUnprocessable();
    $file([])->assertUnprocessable();
    $this->getJson("/houses/{$house->id}/outlets/nowhere/measures")->assertNotFound();
});

it('files a trip time and holds it against the limit', function (): void {
    $house = measuredHouse($this);
    $this->postJson("/houses/{$house->id}/outlets/k1/tests", ['by' => 'tester_button', 'tripped' => true, 'trip_ms' => 190])->assertOk();
    $trips = $this->getJson("/houses/{$house->id}/outlets/k1/measures")->json('trips');
    expect($trips['tests'][0])->toMatchArray(['ms' => 190, 'ma' => 8.09])
        ->and($trips['tests'][0]['says'])->toContain('slow for a healthy device')
        ->and($trips['limit'][0]['ma'])->toEqual(6)->and($trips['limit'][0]['ms'])->toEqualWithDelta(5594.0, 1.0);
    $this->postJson("/houses/{$house->id}/outlets/k1/tests", ['by' => 'luck', 'tripped' => true])->assertUnprocessable();
});

it('counts the same leakage by its parts as the electrical model sees flow', function (): void {
    $house = (new HouseReader())->fromJson(FeatureTestCase::demoJson());
    $feeds = new FeedMap($house);
    $expected = new Expected($house, $feeds);
    foreach ([...array_map($house->point(...), ['k1', 'g2', 'x1', 'h1', 'n1']), $house->circuit('c8')] as $by) {
        $parts = ZoneLeakage::of(new Guard($by), new Zones($feeds), $feeds)->milliamperes();
        // The parts are told at 120 V; the model has this house's own supply, and what runs pulls it down a little.
        expect($expected->residualOf($by->id))->toEqualWithDelta($parts * $house->supplyVolts() / 120.0, 0.02 + 0.02 * $parts);
    }
});

it('takes readings from a bridge by its token, and shows them to its crew alone until they are filed', function (): void {
    $house = measuredHouse($this);
    $token = $this->postJson('/meter/token', ['name' => 'Bench'])->assertOk()->json('token');
    $send = fn(?string $with, array $reading) => $this->postJson(
        '/api/readings',
        ['instrument' => 'Bench meter', ...$reading],
        $with === null ? [] : ['Authorization' => "Bearer $with"],
    );
    $this->app['auth']->forgetGuards();
    $send(null, ['ma' => 1])->assertUnauthorized();
    $send('1|nonsense', ['ma' => 1])->assertUnauthorized();
    $id = $send($token, ['volts' => 120.9, 'between' => 'hn'])->assertCreated()->json('id');
    $send($token, ['volts' => 120.9])->assertUnprocessable();
    $send($token, [])->assertUnprocessable();
    // Each request begins with the guard of a session; here one application answers them all.
    $this->app['auth']->forgetGuards();
    $this->app['auth']->shouldUse('web');
    $this->getJson('/meter/arrivals', ['Authorization' => "Bearer $token"])->assertUnauthorized();
    $this->app['auth']->forgetGuards();
    $this->actingAs($this->crewMember('Stray Person'))->getJson('/meter/arrivals')->assertOk()->assertExactJson([]);
    $this->postJson("/meter/arrivals/$id/taken")->assertNotFound();
    $this->actingAs(User::query()->where('crew_id', $house->crew_id)->firstOrFail())
        ->getJson('/meter/arrivals')
        ->assertOk()
        ->assertJsonPath('0.volts', 120.9)
        ->assertJsonPath('0.instrument', 'Bench meter');
    $this->postJson("/meter/arrivals/$id/taken")->assertOk()->assertExactJson([]);
    $other = $this->postJson('/meter/token', ['name' => 'Other'])->json('token');
    $this->delete('/meter/tokens/' . explode('|', $token)[0])->assertRedirect();
    $this->app['auth']->forgetGuards();
    $send($token, ['ma' => 1])->assertUnauthorized();
    $this->app['auth']->forgetGuards();
    $send($other, ['ma' => 1])->assertCreated();
});

it('takes what the crew has found appliances to leak where nothing was clamped, and puts ours back', function (): void {
    $house = measuredHouse($this);
    $this->change(
        $house,
        0,
        [['in' => 'appliances', 'id' => 'boiler', 'set' => ['name' => 'Boiler', 'at' => 'k2', 'class' => 'heating_element']]],
    )->assertOk();
    $leaks = fn(): array => collect(
        $this->getJson("/houses/{$house->id}/outlets/k1/measures")->json('budgets.0.parts'),
    )->firstWhere('id', 'boiler');
    expect($leaks())->toMatchArray(['resistiveMa' => 0.3, 'capacitiveMa' => 0.05, 'measured' => false]);
    $before = $this->stored($house);
    $this->put('/appliances', ['class' => 'heating_element', 'range' => [1, 2, 0, 0.4]])->assertRedirect();
    expect($leaks())->toMatchArray(['resistiveMa' => 1.5, 'capacitiveMa' => 0.2])->and($this->stored($house))->toBe($before);
    $this->get('/appliances')->assertInertia(
        fn($page) => $page->component('Appliances')->where('classes.0.isOwn', true)->where('classes.1.isOwn', false),
    );
    $this->putJson('/appliances', ['class' => 'heating_element', 'range' => [2, 1, 0, 0]])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'The most is less than the least.');
    $this->putJson('/appliances', ['class' => 'dragon', 'range' => [1, 2, 0, 0]])->assertUnprocessable();
    $this->change(
        $house,
        1,
        [
            [
                'in' => 'appliances',
                'id' => 'boiler',
                'set' => ['leakage' => ['resistive_ma' => 0.7, 'capacitive_ma' => 0], 'measured' => true],
            ],
        ],
    )->assertOk();
    expect($leaks())->toMatchArray(['resistiveMa' => 0.7, 'measured' => true]);
    $this->put('/appliances', ['class' => 'heating_element', 'range' => null])->assertRedirect();
    $this->actingAs($this->crewMember('Stray Person'))
        ->get('/appliances')
        ->assertInertia(fn($page) => $page->where('classes.0.isOwn', false));
});

<?php

declare(strict_types=1);

use App\Models\House;

function tap2($test, House $house, string $path, array $body)
{
    return $test->postJson("/houses/{$house->id}/$path", ['revision' => $house->fresh()?->revision, ...$body]);
}

/** @return array<string, mixed> a room of an answer, by its code */
function roomOf($answer, string $code): array
{
    return array_column($answer->json('rooms'), null, 'code')[$code];
}

it('enters a room, an outlet, water, a breaker and an appliance by taps, and undo takes back each', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    $room = roomOf(tap2($this, $house, 'survey/rooms', ['kind' => 'bathroom', 'water' => ['sink']])->assertOk(), 'B3');
    expect($room['ghosts'])->toHaveCount(2)->and($room['nextCode'])->toBe('B3-01')->and($room['outlets'])->toBe([]);
    $room = roomOf(tap2($this, $house, 'survey/outlets', [
        'area' => $room['id'], 'serves' => 'countertop', 'kind' => null, 'device' => 'gfci', 'amps' => 20,
        'fixture' => $room['fixtures'][0]['id'], 'ft' => 1.5,
    ])->assertOk(), 'B3');
    expect($room['outlets'][0])->toMatchArray(['code' => 'B3-01', 'device' => 'gfci', 'name' => 'Countertop'])
        ->and($room['outlets'][0]['distances'][0]['ft'])->toBe(1.5)->and($room['ghosts'])->toHaveCount(1);
    expect(
        roomOf(tap2($this, $house, 'survey/strike', ['area' => $room['id'], 'serves' => 'bath_fan'])->assertOk(), 'B3')['ghosts'],
    )->toBe([]);
    expect(roomOf(tap2($this, $house, 'survey/water', ['area' => $room['id'], 'kind' => 'shower'])->assertOk(), 'B3')['fixtures'])
        ->toHaveCount(2);
    $breakers = tap2($this, $house, 'survey/breakers', [
        'slot' => 30, 'amps' => 20, 'two_poles' => false, 'breaker' => 'dual', 'label' => 'Attic bath',
    ])->assertOk();
    expect(array_column($breakers->json('live'), 'label'))->toContain('Attic bath')->and($breakers->json('freeSlots'))->not->toContain(30);
    tap2($this, $house, 'survey/breakers', ['slot' => 30, 'amps' => 20, 'two_poles' => false, 'breaker' => 'dual'])
        ->assertUnprocessable()->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'slot 30'));
    $point = $room['outlets'][0]['id'];
    $plugged = roomOf(tap2($this, $house, 'survey/appliances', ['point' => $point, 'name' => 'Hair dryer'])->assertOk(), 'B3');
    expect($plugged['outlets'][0]['appliances'][0])->toMatchArray(['name' => 'Hair dryer', 'watts' => 1500]);
    for ($n = 0; $n < 6; ++$n) {
        tap2($this, $house, 'undo', [])->assertOk();
    }
    expect($this->stored($house))->toBe($before);
});

it('puts rooms right, each as one change that undo takes back', function (string $path, array $body, string $code, string $was): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    $answer = tap2($this, $house, $path, $body)->assertOk();
    $outlets = array_merge(...array_column($answer->json('rooms'), 'outlets'));
    $outlet = array_column($outlets, null, 'code')[$code];
    expect($outlet['formerCodes'])->toBe([$was]);
    // The old code still leads there.
    $this->postJson(
        "/houses/{$house->id}/entry/read",
        ['line' => $was],
    )->assertJsonPath('id', $outlet['id'])->assertJsonPath('changes', false);
    tap2($this, $house, 'undo', [])->assertOk();
    expect($this->stored($house))->toBe($before);
})->with([
    'an outlet moved' => ['rooms/move', ['point' => 'k2', 'area' => 'bar'], 'P1-04', 'K1-02'],
    'a room joined' => ['rooms/join', ['gone' => 'bar', 'into' => 'kit'], 'K1-09', 'P1-01'],
    'a room split' => [
        'rooms/split',
        ['area' => 'kit', 'kind' => 'dining', 'name' => 'Breakfast', 'points' => ['k2'], 'fixtures' => []],
        'D2-01',
        'K1-02',
    ],
]);

it('refuses what makes no sense, and says what and where', function (string $path, array $body, int $status): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    $refused = tap2($this, $house, $path, $body)->assertStatus($status);
    expect($refused->json('message'))->toBeString()->not->toBe('')->and($this->stored($house))->toBe($before);
})->with([
    'no such kind' => ['survey/rooms', ['kind' => 'cave', 'water' => []], 422],
    'no such room' => ['survey/outlets', ['area' => 'nowhere', 'serves' => 'general'], 404],
    'water that is not there' => ['survey/outlets', ['area' => 'kit', 'serves' => 'general', 'fixture' => 'nope', 'ft' => 3], 404],
    'a length to nothing' => ['survey/outlets', ['area' => 'kit', 'serves' => 'general', 'ft' => 3], 422],
    'a room joined to itself' => ['rooms/join', ['gone' => 'kit', 'into' => 'kit'], 422],
    'an outlet of nobody' => ['rooms/move', ['point' => 'nope', 'area' => 'kit'], 404],
    'an appliance nowhere' => ['survey/appliances', ['point' => 'nope', 'name' => 'Kettle'], 404],
]);

it('says how far each house is, and puts houses away and takes them out again', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $line = fn(string $asked = ''): array => $this->get("/houses$asked")->viewData('page')['props']['houses'][0];
    expect((array) $line()['progress'])->toMatchArray(['outlets' => 54, 'untraced' => 1, 'usual' => 0, 'call' => false])
        ->and($line()['archived'])->toBeFalse();
    tap2($this, $house, 'survey/rooms', ['kind' => 'bedroom', 'water' => []])->assertOk();
    expect((array) $line()['progress'])->toMatchArray(['usual' => 4]);
    // A device that failed its TEST, one nobody has tested.
    $before = (array) $line()['progress'];
    tap2($this, $house, 'outlets/k1/tests', ['by' => 'device_button', 'tripped' => false])->assertOk();
    expect((array) $line()['progress'])->toMatchArray(['failed' => $before['failed'] + 1])
        ->and($before['untested'])->toBeGreaterThan(0);
    // A house from before this was kept.
    House::query()->whereKey($house->id)->update(['progress' => null]);
    expect((array) $line()['progress'])->toMatchArray(['usual' => 4, 'outlets' => 54]);
    $this->put("/houses/{$house->id}/archive", ['archived' => true])->assertRedirect();
    expect($line('?archived=1')['archived'])->toBeTrue();
    $this->put("/houses/{$house->id}/archive", ['archived' => false]);
    expect($line()['archived'])->toBeFalse();
});

it('lets a new crew take the sample house along with one request', function (): void {
    $this->actingAs($this->crewMember());
    $this->post('/houses', ['sample' => true])->assertRedirect();
    expect(House::query()->count())->toBe(1)->and(House::query()->firstOrFail()->name)->toBe('Plover Street 8');
});

it('says lengths in what the user wants, in words and on the ruler, and stores them as before', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    $fact = fn(): string => array_column(
        array_merge(...array_column($this->getJson("/houses/{$house->id}/sheet")->json('rooms'), 'outlets')),
        null,
        'code',
    )['U1-03']['gfci']['demands'][0]['fact'];
    expect($fact())->toContain('It is 5 ft from');
    $this->put('/account/lengths', ['unit' => 'm'])->assertRedirect();
    expect($fact())->toContain('It is 1.52 m from')
        ->and($this->getJson("/houses/{$house->id}/sheet")->json('house.unit'))->toBe('m');
    $this->postJson("/houses/{$house->id}/entry/read", ['line' => "K1 ct 2'6 sink"])
        ->assertJsonPath('echo', fn(string $echo): bool => str_contains($echo, '0.76 m from sink'));
    $this->put('/account/lengths', ['unit' => null]);
    expect($fact())->toContain('It is 5 ft from')->and($this->stored($house))->toBe($before);
    $this->putJson('/account/lengths', ['unit' => 'cubits'])->assertUnprocessable();
});

it('opens every address of a house by code', function (string $place): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user)->get("/houses/{$house->id}/$place")->assertOk()
        ->assertViewHas('page', fn(array $page): bool => $page['component'] === 'houses/Show');
})->with(['K1-03', 'K1-03/box', 'found', 'trace', 'trace/K1-03/measure', 'trips', 'call', 'at/history', 'K1']);

it('gives two outlets of one code in a file codes of their own', function (): void {
    $user = $this->crewMember();
    $data = json_decode((string) file_get_contents(database_path('demo/plover-street-8.house.json')), true);
    $data['points'][1]['code'] = $data['points'][0]['code'];
    $this->actingAs($user)->post(
        '/houses',
        ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('h.json', json_encode($data))],
    );
    $house = House::query()->firstOrFail();
    $this->actingAs($user);
    $codes = array_column(array_merge(...array_column($this->getJson("/houses/{$house->id}/sheet")->json('rooms'), 'outlets')), 'code');
    expect(array_unique($codes))->toHaveCount(count($codes));
    $this->postJson("/houses/{$house->id}/changes", [
        'revision' => 0, 'changes' => [['in' => 'points', 'id' => 'k3', 'set' => ['code' => 'K1-01']]],
    ])->assertUnprocessable()->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'another K1-01'));
});

it('lists houses a page at a time, found by name, in each order, those put away apart, and never another crew\'s', function (): void {
    $user = $this->crewMember();
    $progress = fn(int $open): object => (object) [
        'rooms' => 1, 'outlets' => 2, 'usual' => 0, 'untraced' => $open, 'items' => 0, 'call' => false, 'failed' => 0, 'untested' => 0,
    ];
    foreach (range(1, 120) as $number) {
        House::query()->create([
            'crew_id' => $number % 10 === 0 ? $this->crewMember("Other $number")->crew_id : $user->crew_id,
            'name' => sprintf('Heron Lane %03d', $number), 'work' => 'existing', 'edition' => 'nec-2023', 'revision' => 0,
            'progress' => $progress($number), 'archived_at' => $number === 7 ? now() : null,
        ]);
    }
    $list = function (string $asked = '') use ($user): array {
        $props = $this->actingAs($user)->get("/houses$asked")->assertOk()->viewData('page')['props'];

        return [$props['list'], array_column($props['houses'], 'name')];
    };
    [$first, $names] = $list('?order=name');
    expect($first)->toMatchArray(['page' => 1, 'of' => 3, 'all' => 108, 'away' => 1])->and($names)->toHaveCount(50)
        ->and($names[0])->toBe('Heron Lane 001')->and($names)->not->toContain('Heron Lane 007', 'Heron Lane 010')
        ->and($list('?order=name&page=3')[1])->toHaveCount(7)
        ->and($list('?order=open')[1][0])->toBe('Heron Lane 119')
        ->and($list('?archived=1')[1])->toBe(['Heron Lane 007'])
        ->and($list('?q=lane+01&order=name')[1])->toBe(array_map(fn(int $one): string => "Heron Lane 01$one", range(1, 9)))
        ->and($list('?q=%25')[1])->toBe([]);
    $this->getJson('/houses?order=upside')->assertUnprocessable();
});

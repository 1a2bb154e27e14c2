<?php

declare(strict_types=1);

use App\Models\House;

function blankHouse($test): House
{
    $test->actingAs($test->crewMember())->post('/houses', ['name' => 'Heron Row 3', 'edition' => 'nec-2023', 'work' => 'new']);

    return House::query()->firstOrFail();
}

it('reads a line as it is typed, without storing anything', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $before = $this->stored($house);
    $read = fn(string $line): array => $this
        ->actingAs($user)
        ->postJson("/houses/{$house->id}/entry/read", ['line' => $line])
        ->assertOk()
        ->json();
    expect(
        $read("K1 ct 20 gfci 2'6 sink"),
    )->toMatchArray([
        'ready' => true, 'isNew' => true, 'faults' => [], 'echo' => 'K1-09 Kitchen: Countertop, 20 A, GFCI, 2 ft 6 in from sink',
    ])
        ->and($read('K1 gfcii'))->toMatchArray(['ready' => false])
        ->and($read('K1-03'))->toMatchArray(['ready' => true, 'changes' => false, 'id' => 'k3'])
        ->and($read(''))->toMatchArray(['ready' => false])
        ->and($this->stored($house))->toBe($before);
});

it('carries lines out: a room, its outlets, a change, and undo of it all', function (): void {
    $house = blankHouse($this);
    $enter = fn(string $line, ?string $area = null, ?string $last = null) => $this->postJson(
        "/houses/{$house->id}/entry",
        ['revision' => $house->fresh()?->revision, 'line' => $line, 'area' => $area, 'last' => $last],
    );
    expect($enter('K1 kit sink')->assertOk()->json('entered'))->toMatchArray(['in' => 'areas', 'id' => 'k1', 'area' => 'k1']);
    $enter('#7 20 Kitchen left')->assertOk();
    expect(
        $enter("ct 20 gfci 2'6 sink #7", 'k1')->assertOk()->json('rooms.0.outlets.0'),
    )->toMatchArray(['code' => 'K1-01', 'amps' => 20, 'circuit' => '7 Kitchen left']);
    $enter("same 4'9 sink std", 'k1', 'k1-01')->assertOk();
    expect(
        $enter('K1-02 "Bread corner"')->assertOk()->json('rooms.0.outlets.1'),
    )->toMatchArray(['name' => 'Bread corner', 'device' => 'standard', 'amps' => 20]);
    $enter('K1-02 gfcii')->assertStatus(422)->assertJsonPath('faults.0.from', 6);
    expect($house->fresh()?->revision)->toBe(5);
    for ($revision = 5; $revision < 10; ++$revision) {
        $this->postJson("/houses/{$house->id}/undo", ['revision' => $revision])->assertOk();
    }
    expect(json_decode($this->stored($house), true))->toMatchArray(['areas' => [], 'points' => [], 'circuits' => []]);
});

it('says what to do when there is no panel for a circuit', function (): void {
    $house = blankHouse($this);
    $this->change($house, 0, [['in' => 'panels', 'id' => 'main', 'set' => null]])->assertOk();
    $this->postJson("/houses/{$house->id}/entry", ['revision' => 1, 'line' => '#7 20 Kitchen'])
        ->assertStatus(422)
        ->assertJsonPath('message', 'There is no panel yet: add one first');
});

it('compares two editions outlet by outlet, with the clause on each side', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user)->get(
        "/houses/{$house->id}/compare?from=nec-2017&to=nec-2023",
    )->assertInertia(fn($page) => $page->component('houses/Compare')
        ->where('from', 'nec-2017')
        ->where('differences', fn($differences) => $differences->contains(
            fn($d) => [$d['code'], $d['protection'], $d['before']['clauses']] === ['E2-01', 'GFCI', []]
                && $d['after']['clauses'] === ['210.8(A)(10)', '406.4(D)(3)'],
        )
            && ! $differences->contains(fn($d) => $d['code'] === 'K1-01' && $d['protection'] === 'GFCI')));
    $this->get("/houses/{$house->id}/compare?from=nec-2023&to=nec-2023")->assertInertia(fn($page) => $page->has('differences', 0));
    $this->getJson("/houses/{$house->id}/compare?from=nec-2026")->assertStatus(422);
});

it('shows the rules themselves, with the clause of every edition', function (): void {
    $this->actingAs($this->crewMember())->get('/rules')->assertInertia(fn($page) => $page->component('Rules')
        ->where('editions', ['NEC 2014', 'NEC 2017', 'NEC 2020', 'NEC 2023', 'CEC 2021'])
        ->where(
            'rules',
            fn($rules) => $rules->firstWhere('id', 'nec-210.8(A)-sinks')['clauses'] === [
                '210.8(A)(7)',
                '210.8(A)(7)',
                '210.8(A)(7)',
                '210.8(A)(8)',
                null,
            ],
        )
        ->has('exceptions'));
});

it('keeps every change, shows the house after any, and goes back to one as a change of its own', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $states = [$this->stored($house)];
    foreach ([['name' => 'One'], ['work' => 'new'], ['name' => 'Two']] as $i => $set) {
        $this->change($house, $i, [['in' => 'house', 'set' => $set]])->assertOk();
        $states[] = $this->stored($house);
    }
    $this->get("/houses/{$house->id}/history")->assertInertia(
        fn($page) => $page
            ->component('houses/History')
            ->has('revisions', 3)
            ->where('revisions.0.summary', 'House: name One to Two')
            ->where('revisions.0.who', 'Ada Quill'),
    );
    $this->get("/houses/{$house->id}/history/1")->assertInertia(
        fn($page) => $page->component('houses/Revision')->where('sheet.house.name', 'One')->where('sheet.house.work', 'replace'),
    );
    $this->get("/houses/{$house->id}/history/4")->assertNotFound();
    $this->postJson("/houses/{$house->id}/history/1/restore", ['revision' => 2])->assertStatus(409);
    $this->postJson("/houses/{$house->id}/history/1/restore", ['revision' => 3])
        ->assertOk()
        ->assertJsonPath('house.undo', 'Restored as it was after change 1');
    expect($this->stored($house))->toBe($states[1]);
    $this->postJson("/houses/{$house->id}/undo", ['revision' => 4])->assertOk();
    expect($this->stored($house))->toBe($states[3]);
    $this->get("/houses/{$house->id}/history/0")->assertInertia(fn($page) => $page->where('sheet.house.name', 'Plover Street 8'));
});

describe('outlets as a table', function (): void {
    it('go out and come back without a change', function (): void {
        $user = $this->crewMember();
        $house = $this->demoHouseOf($user);
        $csv = $this->actingAs($user)->get("/houses/{$house->id}/outlets.csv")->assertOk()->streamedContent();
        $this->postJson("/houses/{$house->id}/outlets/read", ['csv' => $csv])
            ->assertOk()
            ->assertJson(['ready' => 54, 'rows' => 54, 'faults' => []]);
        $this->postJson("/houses/{$house->id}/outlets", ['csv' => $csv, 'revision' => 0])->assertOk()->assertJsonPath('revision', 0);
    });

    it('take in nothing while a cell is bad, unless bad rows are to be left out', function (): void {
        $user = $this->crewMember();
        $house = $this->demoHouseOf($user);
        $before = $this->stored($house);
        $csv = "code,room,device\nK1-20,K1,gfci\nK1-21,K1,magic\nK1-01,,dual\n";
        $this->actingAs($user)
            ->postJson("/houses/{$house->id}/outlets", ['csv' => $csv, 'revision' => 0])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.row', 3);
        expect($this->stored($house))->toBe($before);
        $this->postJson("/houses/{$house->id}/outlets", ['csv' => $csv, 'revision' => 0, 'skip_bad_rows' => true])
            ->assertOk()
            ->assertJsonPath('taken', 2);
        $points = array_column(json_decode($this->stored($house), true)['points'], null, 'code');
        expect($points['K1-20']['device'])->toBe('gfci')
            ->and($points['K1-01']['device'])->toBe('dual')
            ->and($points)->not->toHaveKey('K1-21');
        $this->postJson("/houses/{$house->id}/undo", ['revision' => 1])->assertOk();
        expect($this->stored($house))->toBe($before);
    });
});

it('files tester readings with the house, and says what they mean', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $read = fn(int $revision, array $lamps, string $half, array $more = []) => $this->postJson(
        "/houses/{$house->id}/readings",
        $more + ['revision' => $revision, 'point' => 'n1', 'half' => $half, 'lamps' => array_combine(['hn', 'hg', 'ng'], $lamps)],
    );
    $sheet = $read(0, [true, false, false], 'top', ['volts' => 121.4, 'instrument' => 'Three-lamp tester'])->assertOk()->json();
    $n1 = fn(array $sheet): array => array_column(array_merge(...array_column($sheet['rooms'], 'outlets')), null, 'id')['n1']['readings'];
    expect($n1($sheet))->toHaveCount(1)

            ->and($n1($sheet)[0])
            ->toMatchArray(['half' => 'top', 'volts' => 121.4, 'means' => 'Open ground.', 'who' => 'Ada Quill', 'isCorrect' => false]);
    $read(1, [true, true, false], 'bottom')->assertOk();
    $sheet = $read(2, [true, true, false], 'top')->assertOk()->json();
    expect($n1($sheet))->toHaveCount(2)->and($n1($sheet)[0]['isCorrect'])->toBeTrue();
    $records = json_decode($this->stored($house), true)['records'];
    expect($records['readings'])->toHaveCount(3)->and($records['device_history'])->toHaveCount(4);
    $this->postJson("/houses/{$house->id}/readings", ['revision' => 3, 'point' => 'n1', 'lamps' => ['hn' => true]])->assertStatus(422);
});

it('keeps instruments with their crew', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user)
        ->post('/instruments', ['name' => 'Tester', 'lamps' => ['ng', 'hn', 'hg'], 'shows_volts' => true])
        ->assertSessionHasNoErrors();
    $this->post('/instruments', ['name' => 'Two alike', 'lamps' => ['hn', 'hn', 'hg']])->assertSessionHasErrors();
    $instrument = $user->crew->instruments()->firstOrFail();
    expect($instrument->lamps)->toBe(['ng', 'hn', 'hg'])->and($user->crew->instruments()->count())->toBe(1);
    $this->actingAs($this->crewMember('Stray Person'))->delete("/instruments/{$instrument->id}")->assertNotFound();
    $this->get('/instruments')->assertInertia(fn($page) => $page->has('instruments', 0));
    $this->actingAs($user)->delete("/instruments/{$instrument->id}")->assertRedirect();
    expect($user->crew->instruments()->count())->toBe(0);
});

describe('jurisdictions', function (): void {
    $farther = [
        'do' => 'distance', 'what' => 'gfci', 'clause' => '210.8(A)(8)', 'ft' => 8, 'author' => 'Marsh County',
        'date' => '2025-01-01', 'source' => 'Ordinance 12',
    ];

    it('stay with their crew, each amendment with who, when and where', function () use ($farther): void {
        $user = $this->crewMember();
        $place = ['name' => 'Marsh County', 'edition' => 'nec-2023', 'amendments' => [$farther]];
        $this->actingAs($user)->post('/jurisdictions', $place)->assertSessionHasNoErrors();
        $this->post(
            '/jurisdictions',
            ['name' => 'X', 'edition' => 'nec-2023', 'amendments' => [['do' => 'distance', 'what' => 'gfci']]],
        )->assertSessionHasErrors(['amendments.0.ft', 'amendments.0.author', 'amendments.0.date', 'amendments.0.source']);
        $kept = $user->crew->jurisdictions()->firstOrFail();
        expect($user->crew->jurisdictions()->count())->toBe(1)->and($kept->amendments)->toEqual([$farther]);
        $this->put(
            "/jurisdictions/{$kept->id}",
            ['name' => 'Marsh', 'edition' => 'nec-2020', 'amendments' => []],
        )->assertSessionHasNoErrors();
        expect($kept->fresh()->name)->toBe('Marsh');
        $this->actingAs($this->crewMember('Stray Person'));
        $this->put("/jurisdictions/{$kept->id}", $place)->assertNotFound();
        $this->delete("/jurisdictions/{$kept->id}")->assertNotFound();
        $this->get('/jurisdictions')->assertInertia(fn($page) => $page->has('jurisdictions', 0));
    });

    it('say what each amendment would change at a house, and keep nothing', function (): void {
        $user = $this->crewMember();
        $house = $this->demoHouseOf($user);
        $before = $this->stored($house);
        $tried = fn(array ...$amendments) => $this->actingAs($user)->postJson(
            "/houses/{$house->id}/amendment-effects",
            ['edition' => 'nec-2023', 'amendments' => $amendments],
        );
        $effects = $tried(
            ['do' => 'add', 'what' => 'gfci', 'kinds' => ['bedroom']],
            ['do' => 'waive', 'what' => 'gfci', 'rule' => 'nec-210.8(A)-garages', 'serves' => ['garage_opener'], 'source' => ''],
            ['do' => 'waive', 'what' => 'gfci', 'clause' => '210.8(Z)'],
        )->assertOk()->json();
        expect(array_column($effects[0]['outlets'], 'code'))->toBe(['E1-01', 'E1-02', 'E1-03', 'E2-02', 'E2-03'])
            ->and($effects[0]['outlets'][0])->toMatchArray(['protection' => 'GFCI', 'newlyAsked' => true])
            ->and(array_column($effects[1]['outlets'], 'code'))->toBe(['W1-06'])
            ->and($effects[1]['matches'])->toBeTrue()
            ->and($effects[2])->toBe(['matches' => false, 'outlets' => []])
            ->and($this->stored($house))->toBe($before);
        $tried(['do' => 'waive', 'what' => 'gfci', 'rule' => 'nec-210.8(A)-cellars'])->assertStatus(422);
        $this->actingAs($this->crewMember('Stray Person'))
            ->postJson("/houses/{$house->id}/amendment-effects", ['edition' => 'nec-2023', 'amendments' => []])
            ->assertNotFound();
    });

    it('are taken by a house, and named in the verdicts they touch', function () use ($farther): void {
        $user = $this->crewMember();
        $house = $this->demoHouseOf($user);
        $sheet = $this->actingAs($user)
            ->change(
                $house,
                0,
                [
                    [
                        'in' => 'house',
                        'set' => [
                            'code' => ['edition' => 'nec-2023', 'amendments' => [$farther], 'x' => ['jurisdiction' => 'Marsh County']],
                        ],
                    ],
                ],
            )
            ->assertOk()
            ->json();
        $k3 = array_column(array_merge(...array_column($sheet['rooms'], 'outlets')), null, 'id')['k3']['gfci'];
        expect($sheet['house'])->toMatchArray(['jurisdiction' => 'Marsh County', 'amendments' => 1])
            ->and(array_column($k3['demands'], 'amended', 'clause')['210.8(A)(8)'])->toBe('Marsh County, 2025-01-01, Ordinance 12');
    });
});

it('opens the code book beside a house, with the outlets each rule binds', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user)->get("/houses/{$house->id}/rules")->assertInertia(function ($page): void {
        $rules = array_column($page->toArray()['props']['rules'], null, 'id');
        $found = array_column($page->toArray()['props']['findings'], null, 'id');
        $page->component('Rules')->where('own', 3)->where('house.name', 'Plover Street 8');
        expect(array_column($rules['nec-210.8(A)-crawl-spaces']['binds'], 'code'))->toBe(['C1-01', 'C1-02'])
            ->and($rules['nec-210.8(A)-sinks']['uses'][3][0])->toBe('Within 6 ft, exactly that far included')
            ->and($rules['nec-555.9-boat-hoist'])->toMatchArray(['likely' => [true, true, true, true, false], 'binds' => []])
            ->and(array_column($found['small_appliance_shared']['binds'], 'code'))->toBe(['K1-06', 'K1-08']);
    });
    $this->get('/rules')->assertInertia(fn($page) => $page->where('own', null)->where('rules.0.binds', []));
});

it('enters one two-pole breaker on two circuits by one line, and undoes it as one', function (): void {
    $house = blankHouse($this);
    $line = fn(int $revision, string $line) => $this->postJson("/houses/{$house->id}/entry", ['revision' => $revision, 'line' => $line]);
    $line(0, '#5/7 20 gfci 2p')->assertOk()->assertJsonPath('entered.in', 'circuits');
    $circuits = array_column(json_decode($this->stored($house), true)['circuits'], null, 'slot');
    expect($circuits['5'])->toMatchArray(
        ['common_trip' => true, 'multiwire_with' => $circuits['7']['id'], 'breaker' => 'gfci', 'leg' => 'a'],
    )
        ->and($circuits['7'])->toMatchArray(['common_trip' => true, 'multiwire_with' => $circuits['5']['id'], 'leg' => 'b']);
    $this->postJson("/houses/{$house->id}/undo", ['revision' => 1])->assertOk();
    expect(json_decode($this->stored($house), true)['circuits'])->toBe([]);
});

<?php

declare(strict_types=1);

use App\Actions\CreateHouse;
use App\Models\House;
use App\Models\Revision;
use App\Models\User;
use App\Support\Clock;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Proving;
use Illuminate\Http\UploadedFile;
use Tests\Core\RandomHouse;
use Tests\FeatureTestCase;

it('starts a blank house', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user)->post('/houses', ['name' => 'Heron Row 3', 'edition' => 'nec-2017', 'work' => 'new']);
    $house = House::query()->firstOrFail();
    $this->get("/houses/{$house->id}")->assertInertia(fn($page) => $page->component('houses/Show')
        ->where('sheet.house.name', 'Heron Row 3')->where('sheet.house.editionName', 'NEC 2017')->where('sheet.rooms', []));
});

it('refuses a house without a name or with an edition that does not ship', function (): void {
    $this->actingAs($this->crewMember())
        ->post('/houses', ['name' => '', 'edition' => 'nec-2026', 'work' => 'new'])
        ->assertSessionHasErrors(['name', 'edition']);
    expect(House::query()->count())->toBe(0);
});

it('takes a house file in and gives the same house out', function (): void {
    $file = UploadedFile::fake()->createWithContent('h.json', FeatureTestCase::demoJson());
    $this->actingAs($this->crewMember())->post('/houses', ['file' => $file])->assertRedirect();
    $out = $this->get('/houses/' . House::query()->firstOrFail()->id . '/file')->assertOk()->streamedContent();
    expect($out)->toBe(HouseWriter::toJson((new HouseReader())->fromJson(FeatureTestCase::demoJson())));
});

it('stores whatever the format allows, without loss', function (): void {
    $user = $this->crewMember();
    $reader = new HouseReader();
    $this->freezeTime();
    for ($seed = 1; $seed <= 12; ++$seed) {
        $core = $reader->fromJson(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        // Without loss; but a proof of dead is not one any more, and of two of one id or code the second gets another.
        expect($this->stored(app(CreateHouse::class)($user->crew, $core)))->toBe(
            HouseWriter::toJson(HouseDocument::of(LocationCodes::madeUnique(Proving::leftBehind($core, Clock::now())))->toHouse()),
            "seed $seed",
        );
    }
});

it('says every fault of a bad file and stores nothing', function (): void {
    $data = json_decode(FeatureTestCase::demoJson(), true);
    $data['points'][0]['amps'] = 'x';
    $data['points'][1]['device'] = 'magic';
    $file = UploadedFile::fake()->createWithContent('h.json', json_encode($data, JSON_THROW_ON_ERROR));
    $said = $this->actingAs($this->crewMember())
        ->post('/houses', ['file' => $file])
        ->assertSessionHasErrors('file')
        ->getSession()
        ->get('errors')
        ->first('file');
    expect($said)->toContain('/points/0/amps')->toContain('/points/1/device')->and(House::query()->count())->toBe(0);
});

it('shows every outlet with its verdict, clause and reason', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $rooms = $this->actingAs($user)->getJson("/houses/{$house->id}/sheet")->assertOk()->json('rooms');
    $outlet = fn(string $room, string $code): array => array_column(
        array_column($rooms, null, 'code')[$room]['outlets'],
        null,
        'code',
    )[$code];
    expect($outlet('W1', 'W1-04')['gfci'])->toMatchArray(['verdict' => 'missing', 'guards' => []])
        ->and($outlet('W1', 'W1-04')['gfci']['demands'][0]['clause'])->toBe('210.8(A)(2)')
        ->and($outlet('W1', 'W1-03')['gfci']['guards'][0]['spoken'])->toBe('W1-02')
        ->and($outlet('U1', 'U1-01')['gfci']['guards'][0])->toMatchArray(['breaker' => true, 'spoken' => 'breaker 8 Wash and bath'])
        ->and($outlet('B2', 'B2-02')['distances'][0])->toMatchArray(['fixture' => 'ubath', 'ft' => 6])
        ->and(array_column($rooms, null, 'code')['K1'])->toMatchArray(['band' => 'every receptacle', 'bandWhole' => true])
        ->and(array_column($rooms, null, 'code')['E2']['limitsFt']['bathtub'])->toEqual(6);
});

it('changes an outlet, judges afresh, and keeps it', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $sheet = $this->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'gfci']]])->assertOk()->json();
    $w1 = array_column(array_column($sheet['rooms'], null, 'code')['W1']['outlets'], null, 'id');
    expect($w1['g4']['gfci']['verdict'])->toBe('met')->and($sheet['house']['revision'])->toBe(1)
        ->and($sheet['house']['lastChange'])->toMatchArray(['summary' => 'W1-04: device Standard to GFCI', 'who' => 'Ada Quill'])
        ->and($this->getJson("/houses/{$house->id}/sheet")->json())->toBe($sheet);
});

it('adds, changes and removes parts of every kind, and undoes it all', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $states = [$this->stored($house)];
    $steps = [
        [['in' => 'house', 'set' => ['code' => ['edition' => 'nec-2014'], 'permit_date' => null, 'budget_ma' => 3]]],
        [
            [
                'in' => 'areas',
                'id' => 'kit',
                'set' => ['fixtures' => [['id' => 'ksink', 'kind' => 'sink'], ['id' => 'second', 'kind' => 'sink']]],
            ],
        ],
        [
            [
                'in' => 'points',
                'id' => 'k2',
                'set' => ['distances' => [['fixture' => 'second', 'ft' => 3, 'crosses' => 'door']], 'box' => ['clamps' => 2]],
            ],
        ],
        [
            [
                'in' => 'points',
                'id' => 'new',
                'set' => ['code' => 'K1-20', 'area' => 'kit', 'name' => 'New', 'kind' => 'receptacle', 'device' => 'standard'],
            ],
            ['in' => 'cables', 'id' => 'wnew', 'set' => ['from' => ['point' => 'k2'], 'to' => ['point' => 'new']]],
        ],
        [['in' => 'appliances', 'id' => 'kettle', 'set' => ['at' => null]]],
        [
            ['in' => 'appliances', 'id' => 'kettle', 'set' => null],
            ['in' => 'cables', 'id' => 'wnew', 'set' => null],
            ['in' => 'points', 'id' => 'new', 'set' => null],
        ],
        [['in' => 'circuits', 'id' => 'c5', 'set' => ['breaker' => 'gfci', 'leg' => 'b']]],
    ];
    foreach ($steps as $i => $changes) {
        $this->change($house, $i, $changes)->assertOk();
        $states[] = $this->stored($house);
    }
    expect(array_unique($states))->toHaveCount(count($steps) + 1);
    $revision = count($steps);
    foreach (array_reverse(array_slice($states, 0, -1)) as $state) {
        $this->postJson("/houses/{$house->id}/undo", ['revision' => $revision++])->assertOk();
        expect($this->stored($house))->toBe($state);
    }
    $this->postJson("/houses/{$house->id}/undo", ['revision' => $revision])->assertStatus(422);
    foreach (array_slice($states, 1) as $state) {
        $this->postJson("/houses/{$house->id}/redo", ['revision' => $revision++])->assertOk();
        expect($this->stored($house))->toBe($state);
    }
    $this->postJson("/houses/{$house->id}/redo", ['revision' => $revision])->assertStatus(422);
});

it('forgets what could be redone once something else is done', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $this->change($house, 0, [['in' => 'house', 'set' => ['name' => 'One']]]);
    $this->change($house, 1, [['in' => 'house', 'set' => ['name' => 'Two']]]);
    expect(
        $this->postJson("/houses/{$house->id}/undo", ['revision' => 2])->json('house'),
    )->toMatchArray(['name' => 'One', 'redo' => 'House: name One to Two']);
    expect(
        $this->change($house, 3, [['in' => 'house', 'set' => ['name' => 'Three']]])->json('house'),
    )->toMatchArray(['redo' => null, 'undo' => 'House: name One to Three']);
    expect($this->postJson("/houses/{$house->id}/undo", ['revision' => 4])->json('house.name'))->toBe('One');
    expect($this->postJson("/houses/{$house->id}/undo", ['revision' => 5])->json('house.name'))->toBe('Plover Street 8');
});

it('lets two change one outlet, and asks only where both set the same field', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $other = User::query()->create([
        'crew_id' => $user->crew_id, 'name' => 'Bo Quill', 'email' => 'bo@crew.example', 'password' => 'long enough words',
        'role' => 'electrician',
    ]);
    $set = fn(User $by, array $fields) => $this->actingAs($by)->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => $fields]]);
    $set($user, ['device' => 'gfci'])->assertOk();
    $set($other, ['name' => 'Theirs'])->assertOk();
    $set($other, ['device' => 'gfci'])->assertOk();
    $before = $this->stored($house);
    expect($set($other, ['device' => 'dual'])->assertStatus(409)->json('clashes.0'))->toMatchArray([
        'in' => 'points', 'id' => 'g4', 'field' => 'device', 'mine' => 'dual', 'theirs' => 'gfci', 'who' => 'Ada Quill', 'revision' => 1,
    ])->and($this->stored($house))->toBe($before);
    // Known as it stands now, it is meant.
    $this->change($house, 3, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'dual']]])->assertOk();
    // What is gone is asked about, too.
    $this->actingAs($user)->postJson("/houses/{$house->id}/removals/points", ['id' => 'g4'])->assertOk();
    expect($set($other, ['name' => 'Late'])->assertStatus(409)->json('clashes.0'))->toMatchArray(['field' => '', 'theirs' => null]);
});

it('takes back what one did, leaves what the other did, and says where both did', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $on = fn(string $phone) => $this->withCookie('phone', str_pad($phone, 26, '0'))->withCredentials();
    $set = fn(string $phone, string $id, array $fields) => $on($phone)->change(
        $house,
        $house->fresh()->revision,
        [['in' => 'points', 'id' => $id, 'set' => $fields]],
    )->assertOk();
    $undo = fn(string $phone) => $on($phone)->postJson("/houses/{$house->id}/undo");
    $set('a', 'g4', ['device' => 'gfci', 'amps' => 15]);
    $set('b', 'g4', ['name' => 'Of the other']);
    $set('b', 'k1', ['name' => 'Of the other']);
    $done = $undo('a')->assertOk();
    expect($done->json('house.undo'))->toBeNull();
    $point = fn(string $id): array => collect(json_decode($this->stored($house), true)['points'])->firstWhere('id', $id);
    expect($point('g4'))->toMatchArray(['name' => 'Of the other', 'device' => 'standard'])
        ->and($point('k1')['name'])->toBe('Of the other');
    $undo('a')->assertUnprocessable();
    $on('a')->postJson("/houses/{$house->id}/redo")->assertOk();
    expect($point('g4'))->toMatchArray(['name' => 'Of the other', 'device' => 'gfci']);
    $set('b', 'g4', ['device' => 'dual']);
    $undo('a')->assertUnprocessable()->assertJsonPath('message', 'Somebody has changed "device" there since: change it by hand.');
    $undo('b')->assertOk();
    $undo('a')->assertOk();
    expect($point('g4')['device'])->toBe('standard');
});

it('keeps nothing of a change that does not make a house', function (array $changes, string $said): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $before = $this->stored($house);
    $good = ['in' => 'points', 'id' => 'k1', 'set' => ['name' => 'Changed in the same breath']];
    $reply = $this->actingAs($user)->change($house, 0, [$good, ...$changes])->assertStatus(422);
    expect(json_encode($reply->json(), JSON_UNESCAPED_SLASHES))->toContain($said);
    expect($this->stored($house))->toBe($before)->and(Revision::query()->count())->toBe(0)->and($house->fresh()?->revision)->toBe(0);
})->with([
    'a device there is not' => [[['in' => 'points', 'id' => 'k1', 'set' => ['device' => 'magic']]], 'must be one of standard, gfci'],
    'a key there is not' => [[['in' => 'points', 'id' => 'k1', 'set' => ['colour' => 'white']]], '/points/0/colour'],
    'a length under zero' => [
        [['in' => 'points', 'id' => 'k1', 'set' => ['distances' => [['fixture' => 'ksink', 'ft' => -1]]]]],
        'must not be under 0',
    ],
    'water that is not there' => [
        [['in' => 'points', 'id' => 'k1', 'set' => ['distances' => [['fixture' => 'pond', 'ft' => 1]]]]],
        'there is no fixture',
    ],
    'a room taken from under its outlets' => [[['in' => 'areas', 'id' => 'kit', 'set' => null]], 'there is no area'],
    'a point without a room' => [[['in' => 'points', 'id' => 'z', 'set' => ['code' => 'Z']]], 'is missing'],
    'a part renamed onto another' => [[['in' => 'points', 'id' => 'k1', 'set' => ['id' => 'k2']]], 'already used'],
    'a loop' => [[['in' => 'cables', 'id' => 'w1', 'set' => ['from' => ['circuit' => null, 'point' => 'k2']]]], 'loop'],
    'a list there is not' => [[['in' => 'rooms', 'id' => 'k1', 'set' => []]], '/changes/1'],
    'no list at all' => [['nonsense'], '/changes/1'],
]);

it('makes no revision of a change that changes nothing', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user)->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'standard']]])->assertOk();
    expect($house->fresh()?->revision)->toBe(0);
});

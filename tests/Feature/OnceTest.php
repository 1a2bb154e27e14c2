<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\Phone;
use App\Models\Told;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\FeatureTestCase;

/** Something told by an id of its own. */
function tellById(FeatureTestCase $case, House $house, string $path, array $body, array $command = []): TestResponse
{
    return $case->postJson("/houses/{$house->id}/$path", [...$body, 'command' => ['id' => (string) Str::uuid(), ...$command]]);
}

it('does once what is told by one id, however often it comes in, and answers the same', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $id = (string) Str::uuid();
    $line = ['line' => "K1 ct 20 gfci 2'6 sink"];
    $first = tellById($this, $house, 'entry', $line, ['id' => $id])->assertOk();
    $again = tellById($this, $house, 'entry', $line, ['id' => $id])->assertOk();
    expect($again->json())->toBe($first->json())->and($house->fresh()->revision)->toBe(1)->and(Told::query()->count())->toBe(1);
    // Told by another id it is another one.
    tellById($this, $house, 'entry', $line)->assertOk();
    expect($house->fresh()->revision)->toBe(2);
});

it('refuses the same id the same way, also when it would be taken by now', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $id = (string) Str::uuid();
    $reading = ['point' => 'nowhere', 'volts' => 120];
    $why = tellById($this, $house, 'readings', $reading, ['id' => $id])->assertUnprocessable()->json();
    expect(tellById($this, $house, 'readings', [...$reading, 'point' => 'k1'], ['id' => $id])->assertUnprocessable()->json())->toBe($why);
    tellById($this, $house, 'readings', [...$reading, 'point' => 'k1'])->assertOk();
    expect($house->fresh()->revision)->toBe(1);
});

it('asks again for a body that came in broken, and takes none whose id is none', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $whole = json_encode(['circuit' => 'c5', 'on' => false, 'command' => ['id' => (string) Str::uuid()]], JSON_THROW_ON_ERROR);
    $this->actingAs($user);
    foreach ([1, 20, strlen($whole) - 1] as $length) {
        $this->call(
            'POST',
            "/houses/{$house->id}/breakers",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: substr($whole, 0, $length),
        )->assertStatus(400);
    }
    tellById($this, $house, 'breakers', ['circuit' => 'c5', 'on' => false], ['id' => 'x'])->assertUnprocessable();
    expect($house->fresh()->revision)->toBe(0)->and(Told::query()->count())->toBe(0);
});

it('reads a line where the line before it left, though nobody knew where that was', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $room = (string) Str::uuid();
    tellById($this, $house, 'entry', ['line' => 'Z1 bathroom basin', 'area' => 'kit'], ['id' => $room])->assertOk();
    // Typed while the page still stood in the kitchen.
    $outlet = (string) Str::uuid();
    $entered = tellById($this, $house, 'entry', ['line' => 'gfci 20', 'area' => 'kit', 'last' => 'k1'], ['id' => $outlet, 'after' => $room])
        ->assertOk()->json('entered');
    expect($entered['echo'])->toStartWith('Z1-01');
    $same = tellById($this, $house, 'entry', ['line' => 'same', 'area' => 'kit', 'last' => 'k1'], ['after' => $outlet])->assertOk();
    expect($same->json('entered.echo'))->toStartWith('Z1-02')->toContain('GFCI');
});

it('renumbers what two phones gave the same code, and finds it by both', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $id = (string) Str::uuid();
    $new = 'outlet-' . substr(hash('sha256', $id), 0, 10);
    tellById($this, $house, 'survey/outlets', ['area' => 'kit', 'serves' => 'general', 'device' => 'gfci'])->assertOk();
    tellById(
        $this,
        $house,
        'survey/outlets',
        ['area' => 'kit', 'serves' => 'general', 'device' => 'standard'],
        ['id' => $id, 'gave' => [$new => 'K1-09'], 'late' => true],
    )->assertOk();
    // A line that was read on the phone comes as what it meant there.
    tellById($this, $house, 'changes', ['changes' => [[
        'in' => 'points', 'id' => 'x99',
        'set' => ['code' => 'K1-09', 'area' => 'kit', 'name' => 'Third', 'kind' => 'receptacle', 'device' => 'standard'],
    ]]], ['late' => true, 'gave' => ['x99' => 'K1-09']])->assertOk();
    $points = collect(json_decode($this->stored($house), true)['points']);
    expect($points->firstWhere('id', $new))->toMatchArray(['code' => 'K1-10', 'x' => ['former_codes' => ['K1-09']]])
        ->and($points->firstWhere('id', 'x99'))->toMatchArray(['code' => 'K1-11', 'x' => ['former_codes' => ['K1-09']]])
        ->and($points->where('code', 'K1-09'))->toHaveCount(1);
});

it('takes the time something was done, and no time that is still to come', function (): void {
    $this->travelTo('2026-03-02 10:00:00');
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $turn = fn(string $at, bool $on) => tellById(
        $this,
        $house,
        'breakers',
        ['circuit' => 'c7', 'on' => $on],
        ['at' => $at, 'late' => true],
    );
    $breaker = fn($answer): array => collect($answer->assertOk()->json('live'))->firstWhere('id', 'c7');
    expect($breaker($turn('2026-03-02T09:40:00Z', false)))->toMatchArray(['off' => true, 'switchedAt' => '2026-03-02T09:40:00Z']);
    expect($breaker($turn('2026-03-02T12:00:00Z', true)))->toMatchArray(['off' => false, 'switchedAt' => '2026-03-02T10:00:00Z']);
    // What was done before and comes in later changes nothing of what stands.
    expect($breaker($turn('2026-03-02T09:50:00Z', false)))->toMatchArray(['off' => false]);
});

it('files a proof that came late, and lets it stand for nothing when the breaker was turned on meanwhile', function (): void {
    $this->travelTo('2026-03-02 10:00:00');
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $this->readLive($house, 'g2')->assertOk();
    tellById($this, $house, 'breakers', ['circuit' => 'c7', 'on' => false])->assertOk();
    $this->travel(5)->minutes();
    $proof = $this->proofOf($house, 'g2', 0.1);
    // Another phone turned it on before this proof came in, though after it was made.
    $this->travel(5)->minutes();
    tellById($this, $house, 'breakers', ['circuit' => 'c7', 'on' => true])->assertOk();
    $this->travel(1)->minutes();
    tellById($this, $house, 'proofs', $proof, ['at' => '2026-03-02T10:05:00Z'])->assertUnprocessable();
    tellById($this, $house, 'proofs', $proof, ['at' => '2026-03-02T10:05:00Z', 'late' => true])->assertOk();
    $proofs = json_decode($this->stored($house), true)['records']['proofs'];
    expect($proofs)->toHaveCount(1)->and($proofs[0]['withdrawn_why'])->toContain('is not off');
    expect($this->getJson("/houses/{$house->id}/outlets/g2/box")->json('handsOn.allowed'))->toBeFalse();
});

it('forgets ids after a month', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    tellById($this, $house, 'undo', [])->assertUnprocessable();
    tellById($this, $house, 'items', ['text' => 'A cover'])->assertOk();
    Told::query()->where('status', 200)->update(['created_at' => now()->subDays(31)]);
    $this->artisan('commands:forget-old')->expectsOutput('1 commands forgotten.');
    expect(Told::query()->pluck('status')->all())->toBe([422]);
});

it('wipes a phone that is lost when it is heard of next, and ends its session at once', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $lost = str_repeat('a', 26);
    $mine = str_repeat('b', 26);
    foreach ([$lost, $mine] as $phone) {
        Phone::signedIn($phone, $user, 'Mozilla/5.0 (X11; Linux) Mobile');
    }
    $on = fn(string $phone) => $this->actingAs($user)->withCredentials()->withCookie('phone', $phone);
    $on($mine)->post("/account/phones/$mine/lost")->assertStatus(422);
    $other = $this->crewMember('somebody@else.example');
    $this->actingAs($other)->withCookie('phone', $mine)->post("/account/phones/$lost/lost")->assertNotFound();
    $on($mine)->post("/account/phones/$lost/lost")->assertRedirect();
    $on($mine)->getJson("/houses/{$house->id}/pulse")->assertOk()->assertHeaderMissing('Clear-Site-Data');
    $on($lost)->getJson("/houses/{$house->id}/pulse")->assertUnauthorized()
        ->assertHeader('Clear-Site-Data', '"cache", "cookies", "storage"');
    expect(Phone::query()->pluck('id')->all())->toBe([$mine]);
});

it('takes what a phone kept before the application was brought up to date', function (string $queue): void {
    $this->travelTo('2026-03-02 10:00:00');
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    foreach (json_decode((string) file_get_contents($queue), true, 32, JSON_THROW_ON_ERROR) as $told) {
        $body = [...$told['body'], 'revision' => 0, 'command' => $told['command']];
        $answer = $this->postJson("/houses/{$house->id}/{$told['path']}", $body);
        expect($answer->getStatusCode())->toBe(200, "{$told['path']}: {$answer->getContent()}");
    }
    expect(Told::query()->count())->toBe(18);
})->with(glob(__DIR__ . '/queues/*.json') ?: []);

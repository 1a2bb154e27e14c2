<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Fuzz;

/** What is stored, as sums: cheap enough to be asked after every request. */
function everything(): string
{
    $tables = [
        'houses', 'areas', 'panels', 'circuits', 'points', 'cables', 'appliances', 'revisions', 'crews', 'users', 'instruments',
        'jurisdictions', 'outside_links', 'hunts', 'invitations', 'personal_access_tokens',
    ];

    return json_encode(
        array_map(fn(string $table): mixed => DB::selectOne("checksum table $table")->Checksum, $tables),
        JSON_THROW_ON_ERROR,
    );
}

it('answers no body with a failure of its own, and keeps nothing of what it refuses', function (int $from, int $to): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->actingAs($owner)->postJson("/houses/{$house->id}/call", Fuzz::BODIES['POST houses/{house}/call'])->assertOk();
    $person = User::query()->create([
        'crew_id' => $owner->crew_id,
        'name' => 'Bo',
        'email' => 'bo@crew.example',
        'password' => 'long enough words',
    ]);
    $refused = 0;
    $before = everything();
    for ($seed = $from; $seed < $to; ++$seed) {
        [$method, $uri, $body] = Fuzz::request($seed);
        $this->app['auth']->forgetGuards();
        str_starts_with($uri, 'houses') || ! preg_match('/^(sign-in|register|forgot|reset|for-you)/', $uri)
            ? $this->actingAs($owner->fresh())
            : null;
        $uri = str_replace(
            ['{house}', '{person}', '{link}', '{token}'],
            [$house->id, $person->id, '01JZZZZZZZZZZZZZZZZZZZZZZZ', 'x'],
            $uri,
        );
        // The revision the house is at, where the body still names one: else every change would be stale.
        $body = str_replace('"revision":0', '"revision":' . House::query()->whereKey($house->id)->value('revision'), $body);
        $answer = $this->call(
            $method,
            "/$uri",
            server: [
                'CONTENT_TYPE' => 'application/json',
                'HTTP_ACCEPT' => 'application/json',
                'REMOTE_ADDR' => '10.' . intdiv($seed, 65536) . '.' . intdiv($seed, 256) % 256 . '.' . $seed % 256,
            ],
            content: $body,
        );
        expect($answer->getStatusCode())->toBeLessThan(
            500,
            "seed $seed: $method $uri $body: " . substr((string) $answer->getContent(), 0, 400),
        )
            ->and((string) $answer->getContent())->not->toContain('"kept":true', "seed $seed: stored, and not shown");
        $after = everything();
        if ($answer->getStatusCode() >= 400) {
            ++$refused;
            expect($after)->toBe($before, "seed $seed: $method $uri $body was refused and changed something");
        }
        $before = $after;
    }
    expect($refused)->toBeGreaterThan(($to - $from) / 4);
    // Whatever came of it can still be looked at.
    foreach (['', '/sheet', '/call/sheet', '/runs', '/file', '/survey', '/history'] as $page) {
        $this->actingAs($owner->fresh())->get("/houses/{$house->id}$page")->assertOk();
    }
})->with(array_map(fn(int $part): array => [$part * 250, ($part + 1) * 250], range(0, 8)));

<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\Revision;

/** @return list<array{string, string}> kind and summary of each revision of a house */
function historyOf(House $house): array
{
    return $house->revisions()->orderBy('number')->get()->map(fn(Revision $one): array => [$one->kind, $one->summary])->all();
}

function openCall(mixed $test): House
{
    $house = $test->demoHouseOf($test->crewMember());
    $test->actingAs($house->crew->users()->firstOrFail());
    $test->postJson(
        "/houses/{$house->id}/call",
        ['kind' => 'trips', 'at' => 'c8', 'when' => 'with_load', 'running' => [], 'words' => null],
    )->assertOk();

    return $house;
}

it('keeps tests and the breakers turned for them together, each as what it is', function (): void {
    $house = openCall($this);
    $this->postJson("/houses/{$house->id}/call/tests", ['tests' => [
        ['action' => ['do' => 'breaker', 'circuit' => 'c8', 'on' => false], 'reading' => ['tripped' => []]],
        ['action' => ['do' => 'breaker', 'circuit' => 'c8', 'on' => true], 'reading' => ['tripped' => []]],
    ]])->assertOk();
    expect(array_slice(historyOf($house), 1))->toBe([
        ['edit', 'Tests of the call'], ['happened', 'A breaker turned for a test'], ['happened', 'A breaker turned for a test'],
    ]);
    // Undo takes the tests back, and no breaker turns with it.
    $this->postJson("/houses/{$house->id}/undo", ['revision' => 4])->assertOk();
    $sheet = $this->getJson("/houses/{$house->id}/sheet");
    expect($sheet->json('house.call.tests'))->toBe(0)->and($sheet->json('house.lastChange.kind'))->toBe('undo');
});

it('keeps none of several tests where one of them names what is not there', function (): void {
    $house = openCall($this);
    $this->postJson("/houses/{$house->id}/call/tests", ['tests' => [
        ['action' => ['do' => 'breaker', 'circuit' => 'c8', 'on' => false], 'reading' => ['tripped' => []]],
        ['action' => ['do' => 'unplug', 'appliance' => 'nothing'], 'reading' => ['tripped' => []]],
    ]])->assertUnprocessable()->assertJsonPath('faults.0.pointer', '/tests/1/action/appliance');
    expect(historyOf($house))->toHaveCount(1)
        ->and(collect($this->getJson("/houses/{$house->id}/sheet")->json('live'))->firstWhere('id', 'c8')['off'])->toBeFalse();
});

it('says in one form why a change was not kept', function (string $path, array $body, int $status, array $keys): void {
    $house = openCall($this);
    $this->postJson("/houses/{$house->id}/$path", $body)->assertStatus($status)->assertJsonStructure(['message', ...$keys]);
    expect($house->fresh()?->revision)->toBe(1);
})->with([
    'somebody was quicker' => ['history/0/restore', ['revision' => 0], 409, ['revision', 'since']],
    'no house is left' => ['changes', ['revision' => 1, 'changes' => [
        ['in' => 'points', 'id' => 'k1', 'set' => ['area' => 'nowhere']],
    ]], 422, ['faults']],
    'nothing is proved' => ['proofs', [
        'point' => 'k1', 'way' => 'seen_live', 'reference' => false, 'low_z' => true, 'live_before' => 120, 'live_after' => 120,
        'readings' => [],
    ], 422, ['objections']],
    'nothing is left to redo' => ['redo', ['revision' => 1], 422, []],
    'no such entry' => ['observations/none/withdraw', [], 404, []],
    'not asked for in full' => ['call/cannot', ['what' => 'clamp'], 422, ['faults']],
    'a line nobody understands' => ['entry', ['line' => 'K1-02 gfcii'], 422, ['faults', 'echo']],
    'no id to speak of' => ['undo', ['command' => ['id' => 'x']], 422, ['errors']],
]);

it('lets the second step wait no longer than some minutes', function (): void {
    $user = $this->crewMember();
    $user->forceFill(['totp_secret' => 'JBSWY3DPEHPK3PXP', 'totp_confirmed_at' => now(), 'password' => 'plover street 8'])->save();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'plover street 8'])->assertRedirect('/second-step');
    $this->get('/second-step')->assertOk();
    $this->travel(11)->minutes();
    $this->get('/second-step')->assertRedirect('/sign-in');
    $this->post('/second-step', ['code' => '123456'])->assertRedirect('/sign-in');
    $this->assertGuest();
});

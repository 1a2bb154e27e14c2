<?php

declare(strict_types=1);

/** Devices of an answer that ask for what the closure says. */
function keptDevices(array $page, Closure $isMeant): array
{
    return array_values(array_map(fn(array $one): string => $one['id'], array_filter($page['devices'], $isMeant)));
}

it('says how old devices are and what is due, by the crew\'s own rule', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->actingAs($owner);
    $year = (int) now()->format('Y') - 9;
    $this->postJson("/houses/{$house->id}/changes", ['changes' => [
        ['in' => 'points', 'id' => 'k1', 'set' => ['installed_on' => "$year-01-05", 'made_between' => null, 'self_test' => true]],
        ['in' => 'points', 'id' => 'k5', 'set' => ['installed_on' => now()->toDateString(), 'self_test' => true]],
    ]])->assertOk();
    $this->postJson("/houses/{$house->id}/outlets/k5/tests", ['by' => 'device_button', 'tripped' => true])->assertOk();
    $this->postJson("/houses/{$house->id}/outlets/b1/tests", ['by' => 'device_button', 'tripped' => false])->assertOk();
    $kept = fn(): array => $this->getJson("/houses/{$house->id}/kept")->assertOk()->json();
    $asks = fn(array $page, string $what): array => keptDevices(
        $page,
        fn(array $one): bool => str_contains(implode('; ', $one['asks']), $what),
    );
    $due = fn(array $page): array => $asks($page, 'due to be replaced');

    expect($due($kept()))->not->toContain('k1')->not->toContain('k5')
        ->and($asks($kept(), 'failed its last test'))->toBe(['b1'])
        ->and($asks($kept(), 'never tested'))->toContain('k1')->not->toContain('k5');
    $this->put('/crew', ['replace_years' => 7])->assertRedirect();
    expect($due($kept()))->toContain('k1')->not->toContain('k5');
    $this->put('/crew', ['replace_years' => 1])->assertSessionHasErrors('replace_years');
});

it('has all houses of the crew with what was left open in each, and none of another crew', function (): void {
    $owner = $this->crewMember();
    [$one, $other] = [$this->demoHouseOf($owner), $this->demoHouseOf($owner)];
    $this->actingAs($owner);
    $this->postJson("/houses/{$one->id}/items", ['text' => 'Ground broken upstream', 'point' => 'n3', 'due' => '2020-01-01'])->assertOk();
    $this->get('/keep')->assertOk()->assertInertia(fn($page) => $page->component('Keep')->has('houses', 2)
        ->where('houses', fn($houses): bool => $houses->contains(
            fn(array $house): bool => $house['id'] === $one->id
                && collect($house['items'])->where('text', 'Ground broken upstream')->contains('overdue', true),
        )));
    $this->put("/houses/{$other->id}/archive", ['archived' => true])->assertRedirect();
    $this->get('/keep')->assertInertia(fn($page) => $page->has('houses', 1));
    $this->actingAs($this->crewMember('Bo Fern'));
    $this->get('/keep')->assertInertia(fn($page) => $page->has('houses', 0));
    $this->getJson("/houses/{$one->id}/kept")->assertNotFound();
});

it('goes round after the work over the wire, and keeps nothing of what it refuses', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->actingAs($owner);
    $this->postJson("/houses/{$house->id}/devices/replaced", ['point' => 'k1', 'device' => 'dual'])->assertOk()
        ->assertJsonPath('proving.failed', 0);
    $round = $this->getJson("/houses/{$house->id}/round")->assertOk()->json();
    $revision = $house->fresh()->revision;
    $at = fn(array $page) => collect($page['groups'])->flatMap(fn(array $group): array => $group['steps'])->where('at', 'k1');
    $steps = $at($round);
    expect($steps->pluck('step')->all())->toContain('reset', 'lamps', 'test', 'back', 'button', 'plate');
    $this->postJson("/houses/{$house->id}/round", ['answers' => [
        ['step' => 'reset', 'at' => 'k1', 'as_expected' => true],
        ['step' => 'reset', 'at' => 'z9', 'as_expected' => true],
    ]])->assertStatus(422);
    expect($house->fresh()->revision)->toBe($revision);
    $answers = $steps->map(fn(array $step): array => array_filter(
        ['step' => $step['step'], 'at' => 'k1', 'as_expected' => true, 'half' => $step['half']],
        fn(mixed $said): bool => $said !== null,
    ))->values()->all();
    $this->postJson("/houses/{$house->id}/round", ['answers' => $answers])->assertOk();
    $after = $this->getJson("/houses/{$house->id}/round")->json();
    expect($at($after)->pluck('state')->unique()->values()->all())->toBe(['proved']);
    // Undone, it is open again.
    $this->postJson("/houses/{$house->id}/undo")->assertOk();
    expect($this->getJson("/houses/{$house->id}/round")->json('left'))->toBe($round['left']);
});

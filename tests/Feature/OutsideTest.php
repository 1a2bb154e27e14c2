<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;

/** A demo house with an open call, and a page left with its householder. */
function leftWith($test, string $kind): array
{
    $owner = $test->crewMember();
    $house = $test->demoHouseOf($owner);
    $test->actingAs($owner);
    $test->postJson(
        "/houses/{$house->id}/call",
        ['kind' => 'trips', 'at' => 'k1', 'when' => 'random', 'running' => [], 'words' => null],
    )->assertOk();
    $trial = [
        'tests' => [
            ['action' => ['do' => 'unplug', 'appliance' => 'fridge'], 'reading' => ['tripped' => []]],
            ['action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 5], 'reading' => ['trips' => 0]],
        ],
        'rule' => [['shown' => 'x', 'means' => 'y']],
    ];
    $test->postJson("/houses/{$house->id}/call/$kind", $kind === 'trial' ? $trial : [])->assertOk();

    return [$house, OutsideLink::query()->sole(), $owner];
}

function asOutsider($test)
{
    app('auth')->forgetGuards();

    return $test;
}

it('ends a page on its day', function (string $kind, int $days): void {
    [, $link] = leftWith($this, $kind);
    asOutsider($this);
    $this->travel($days)->days();
    $this->travel(-1)->hours();
    $this->get("/for-you/{$link->token}")->assertOk();
    $this->travel(2)->hours();
    $this->get("/for-you/{$link->token}")->assertStatus(410)->assertInertia(fn($page) => $page->where('kind', 'ended')->where('asked', []));
    $this->post("/for-you/{$link->token}", ['answers' => ['when' => 'Now and then']])->assertStatus(410);
    expect($link->fresh()->answered)->toBeNull();
})->with([['questions', 14], ['trial', 12]]);

it('withdraws a page with one tap, and says when it was seen', function (): void {
    [$house, $link] = leftWith($this, 'trial');
    $page = fn(): array => $this->getJson("/houses/{$house->id}/call/sheet")->json('trips.pages.0');
    expect($page())->toMatchArray(['open' => true, 'seenAt' => null, 'withdrawn' => false]);
    $this->get("/for-you/{$link->token}")->assertOk();
    expect($page()['seenAt'])->not->toBeNull();
    $withdrawn = $this->postJson("/houses/{$house->id}/call/pages/{$link->id}/withdraw")->assertOk();
    expect($withdrawn->json('trips.pages.0'))->toMatchArray(['open' => false, 'withdrawn' => true]);
    $this->get("/for-you/{$link->token}")->assertStatus(410);
    $this->post("/for-you/{$link->token}", ['answers' => ['2026-11-01' => 'yes']])->assertStatus(410);
    // Of another house it is not there.
    $other = $this->demoHouseOf(User::query()->firstOrFail());
    $this->postJson("/houses/{$other->id}/call/pages/{$link->id}/withdraw")->assertNotFound();
});

it('takes what came back once', function (): void {
    [$house, $link] = leftWith($this, 'trial');
    $this->post("/for-you/{$link->token}", ['answers' => ['2026-11-01' => 'no']])->assertRedirect();
    $this->postJson("/houses/{$house->id}/call/pages/{$link->id}/take")->assertOk();
    $facts = count($this->getJson("/houses/{$house->id}/call/sheet")->json('trips.state.facts'));
    $this->postJson("/houses/{$house->id}/call/pages/{$link->id}/take")->assertUnprocessable();
    expect($this->getJson("/houses/{$house->id}/call/sheet")->json('trips.state.facts'))->toHaveCount($facts);
});

it('leaves nothing when the trial names what is not there', function (): void {
    [$house, $link] = leftWith($this, 'trial');
    $before = [$this->stored($house), House::query()->sole()->revision];
    $this->postJson(
        "/houses/{$house->id}/call/trial",
        [
            'tests' => [
                ['action' => ['do' => 'unplug', 'appliance' => 'nothing'], 'reading' => ['tripped' => []]],
                ['action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 5], 'reading' => ['trips' => 0]],
            ],
            'rule' => [['shown' => 'x', 'means' => 'y']],
        ],
    )->assertUnprocessable();
    expect(OutsideLink::query()->count())->toBe(1)
        ->and([$this->stored($house), House::query()->sole()->revision])->toBe($before)
        ->and($link->fresh())->not->toBeNull();
});

it('tells the householder the appliance and the device, and nothing of the house', function (): void {
    [, $link] = leftWith($this, 'trial');
    asOutsider($this);
    $page = $this->get("/for-you/{$link->token}")->assertOk()->assertInertia(fn($inertia) => $inertia
        ->where('asked.page.asks.0', 'Leave unplugged: the refrigerator.')
        ->where('asked.page.where', 'the outlet with the TEST and RESET buttons, kitchen, “Window counter”')
        ->where('asked.page.stakes.0', fn(string $said): bool => str_starts_with($said, 'The refrigerator is off all that time.')));
    expect($page->getContent())->not->toContain('Plover')->not->toContain('K1-01');
});

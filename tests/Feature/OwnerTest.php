<?php

declare(strict_types=1);

use App\Actions\RemindOwners;
use App\Models\House;
use App\Models\OutsideLink;
use App\Notifications\TestsDue;
use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;

/** The page of a demo house, left with who lives there; nobody is signed in. */
function withOwner($test): array
{
    $owner = $test->crewMember();
    $house = $test->demoHouseOf($owner);
    $test->actingAs($owner)->post("/houses/{$house->id}/papers/pages")->assertRedirect();
    app('auth')->forgetGuards();

    return [$house, OutsideLink::query()->where('house_id', $house->id)->sole(), $owner];
}

function fileLeft($test, House $house, $user): array
{
    $file = $test->actingAs($user)->getJson("/houses/{$house->id}/file")->assertOk()->json();
    app('auth')->forgetGuards();

    return $file;
}

it('leads from what is dead to the device that did it, and asks nobody to open anything', function (): void {
    [, $link] = withOwner($this);
    $page = $this->get("/for-you/{$link->token}")->assertOk()->viewData('page')['props'];
    $rooms = collect($page['owner']['rooms'])->keyBy('name');
    $fridge = collect($rooms['Kitchen']['outlets'])->firstWhere('code', 'K1-03');
    $devices = (array) json_decode(json_encode($page['owner']['devices']), true);

    expect($fridge['why'][0])->toBe('k1')->and($devices['k1']['code'])->toBe('K1-01')
        ->and($devices['k1']['where'])->toContain('Kitchen', 'Window counter')
        ->and($devices['k1']['reset'])->toBe('Press RESET firmly, once.')
        ->and($devices['k1']['unplug'])->toContain('Refrigerator (Kitchen)')
        // Behind a split pair nothing is protected, and all is dead with the device.
        ->and(collect($rooms['Dining room']['outlets'])->firstWhere('code', 'D1-02')['why'])->toBe(['k5', 'c6'])
        ->and($devices['k5']['goesDead'])->toContain('D1-02, Under the window')
        ->and(json_encode($page))->not->toMatch('/open the (box|outlet|panel)|unscrew|remove the (plate|cover)|wire/i');
});

it('files the monthly test by tap, and asks again in a month', function (): void {
    [$house, $link, $owner] = withOwner($this);
    $due = fn(): array => $this->get("/for-you/{$link->token}")->viewData('page')['props']['owner']['due'];
    expect($due())->toContain('k1');
    $told = ['what' => 'tested', 'at' => 'k1', 'tripped' => true, 'came_back' => true];
    $this->post("/for-you/{$link->token}/told", $told)->assertRedirect();
    expect($due())->not->toContain('k1')
        ->and(collect(fileLeft($this, $house, $owner)['records']['device_tests'])->last())
        ->toMatchArray(['point' => 'k1', 'by' => 'device_button', 'tripped' => true, 'reset_held' => true, 'who' => 'who lives there']);
    $this->travel(32)->days();
    expect($due())->toContain('k1');
});

it('makes a call of what is reported, and something to be done where one is open', function (): void {
    [$house, $link, $owner] = withOwner($this);
    $report = ['what' => 'reported', 'at' => 'k3', 'kind' => 'dead', 'words' => 'Since the storm'];
    $this->post("/for-you/{$link->token}/told", $report)->assertRedirect();
    expect(fileLeft($this, $house, $owner)['symptom'])->toMatchArray(['kind' => 'dead', 'at' => 'k3', 'words' => 'Since the storm']);
    $this->post("/for-you/{$link->token}/told", ['at' => 'k4'] + $report)->assertRedirect();
    $file = fileLeft($this, $house, $owner);
    expect($file['symptom']['at'])->toBe('k3')
        ->and(collect($file['records']['open_items'])->last())->toMatchArray(['point' => 'k4', 'source' => 'who lives there']);
});

it('refuses what is no device of the house, and what is half said', function (): void {
    [, $link] = withOwner($this);
    $nowhere = ['what' => 'tested', 'at' => 'nowhere', 'tripped' => true, 'came_back' => true];
    $this->post("/for-you/{$link->token}/told", $nowhere)->assertNotFound();
    $this->post("/for-you/{$link->token}/told", ['what' => 'tested', 'at' => 'k1'])->assertSessionHasErrors(['tripped', 'came_back']);
    $this->post("/for-you/{$link->token}/told", ['what' => 'reported', 'at' => 'k1', 'kind' => 'sad'])->assertSessionHasErrors('kind');
});

it('has its tests for a calendar to subscribe to', function (): void {
    [$house, $link] = withOwner($this);
    $calendar = (string) $this->get("/for-you/{$link->token}/calendar.ics")->assertOk()
        ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();

    expect($calendar)->toContain("BEGIN:VCALENDAR\r\n", 'RRULE:FREQ=MONTHLY', "UID:test-k1-{$house->id}@");
});

it('ends for all of it when it is withdrawn, or its year is over', function (string $how): void {
    [$house, $link, $owner] = withOwner($this);
    if ($how === 'withdrawn') {
        $this->actingAs($owner)->post("/houses/{$house->id}/papers/pages/{$link->id}/withdraw")->assertRedirect();
        app('auth')->forgetGuards();
    } else {
        $this->travel(366)->days();
    }
    $told = ['what' => 'tested', 'at' => 'k1', 'tripped' => true, 'came_back' => true];
    $this->get("/for-you/{$link->token}")->assertStatus(410)->assertInertia(fn($page) => $page->where('kind', 'ended')->missing('owner'));
    $this->post("/for-you/{$link->token}/told", $told)->assertStatus(410);
    $this->get("/for-you/{$link->token}/calendar.ics")->assertStatus(410);
    expect(count(fileLeft($this, $house, $owner)['records']['device_tests'] ?? []))->toBe(0);
})->with(['withdrawn', 'over']);

it('is not opened by the address of a page for something else', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $call = ['kind' => 'trips', 'at' => 'k1', 'when' => 'random', 'running' => []];
    $this->actingAs($owner)->postJson("/houses/{$house->id}/call", $call)->assertOk();
    $this->postJson("/houses/{$house->id}/call/questions")->assertOk();
    app('auth')->forgetGuards();
    $link = OutsideLink::query()->where('house_id', $house->id)->sole();
    $this->get("/for-you/{$link->token}/calendar.ics")->assertNotFound();
    $told = ['what' => 'tested', 'at' => 'k1', 'tripped' => true, 'came_back' => true];
    $this->post("/for-you/{$link->token}/told", $told)->assertNotFound();
});

it('reminds by mail of the tests that are due, once a month, until it is stopped or ends', function (): void {
    Notification::fake();
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->actingAs($owner)->post("/houses/{$house->id}/papers/pages", ['mail' => 'no address'])->assertSessionHasErrors('mail');
    $this->actingAs($owner)->post("/houses/{$house->id}/papers/pages", ['mail' => 'lives@there.example'])->assertRedirect();
    app('auth')->forgetGuards();
    $link = OutsideLink::query()->where('house_id', $house->id)->sole();
    $sent = function (): int {
        $this->artisan('tests:remind')->assertSuccessful();

        return count(Notification::sent(new AnonymousNotifiable(), TestsDue::class));
    };
    expect($sent())->toBe(1);
    Notification::assertSentOnDemand(TestsDue::class, function (TestsDue $mail, array $by, AnonymousNotifiable $to) use ($link): bool {
        $said = (string) $mail->toMail()->render();

        return $to->routes['mail'] === 'lives@there.example' && str_contains($said, $link->token)
            && str_contains($said, 'Kitchen, Window counter');
    });
    expect($sent())->toBe(1);
    $this->travel(32)->days();
    expect($sent())->toBe(2);
    // All is tested, and comes back.
    $this->travel(32)->days();
    foreach ($this->get("/for-you/{$link->token}")->viewData('page')['props']['owner']['due'] as $device) {
        $told = ['what' => 'tested', 'at' => $device, 'tripped' => true, 'came_back' => true];
        $this->post("/for-you/{$link->token}/told", $told)->assertRedirect();
    }
    expect($sent())->toBe(2);
    $this->travel(32)->days();
    expect($this->get("/for-you/{$link->token}")->viewData('page')['props']['mail'])->toBe('lives@there.example');
    $this->delete("/for-you/{$link->token}/mail")->assertRedirect();
    expect($sent())->toBe(2)->and($link->fresh()?->mail)->toBeNull();
});

it('does each day all that can be done, where one part of it cannot', function (): void {
    app()->bind(RemindOwners::class, fn() => throw new RuntimeException('No reminding today'));
    DB::table('cache')->insert(['key' => 'old', 'value' => 's:1:"x";', 'expiration' => time() - 60]);
    $this->artisan('daily')->assertFailed();
    expect(DB::table('cache')->where('key', 'old')->exists())->toBeFalse();
});

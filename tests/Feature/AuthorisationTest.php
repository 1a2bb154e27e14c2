<?php

declare(strict_types=1);

use App\Models\Enums\Role;
use App\Models\House;
use App\Models\PracticeVisit;
use App\Models\User;
use Illuminate\Routing\Route as RouteOf;
use Illuminate\Support\Facades\Route;

/**
 * Who may use a route: the letters of those who may. Nobody, a stranger with a crew of his own, owner, electrician, helper, guest; x: who
 * is in no crew.
 */
const ANYBODY = 'nsoehgx';
const SIGNED_OUT = 'n';
const ACCOUNT = 'soehgx';
const CREW = 'soehg';
const WORK = 'soeh';
const BUILD = 'soe';
const SETTLE = 'so';
/** Of one house of the crew of o, e, h and g: the stranger is told that it is not there. */
const SEE = 'oehg';
const FILE = 'oeh';
const CHANGE = 'oe';

const ALLOWED = [
    'GET /' => ANYBODY, 'GET up' => ANYBODY, 'GET metrics' => '',
    'GET sign-in' => SIGNED_OUT, 'POST sign-in' => SIGNED_OUT, 'GET second-step' => SIGNED_OUT, 'POST second-step' => SIGNED_OUT,
    'GET register' => SIGNED_OUT, 'POST register' => SIGNED_OUT, 'GET register/confirm/{token}' => SIGNED_OUT,
    'POST register/confirm/{token}' => SIGNED_OUT,
    'GET forgot-password' => SIGNED_OUT, 'POST forgot-password' => SIGNED_OUT, 'GET reset-password/{token}' => SIGNED_OUT,
    'POST reset-password' => SIGNED_OUT,
    'POST for-you/{token}/told' => ANYBODY, 'DELETE for-you/{token}/mail' => ANYBODY,
    'GET for-you/{token}/calendar.ics' => ANYBODY, 'GET for-you/{token}/photos/{photo}' => ANYBODY,
    'POST for-you/{token}/offer' => ANYBODY, 'GET for-you/{token}/paper' => ANYBODY,
    'GET for-you/{token}' => ANYBODY, 'POST for-you/{token}' => ANYBODY, 'GET invitations/{token}' => ANYBODY,
    'POST invitations/{token}' => ANYBODY,
    'POST sign-out' => ACCOUNT, 'GET account' => ACCOUNT, 'PUT account/lengths' => ACCOUNT, 'PUT account/password' => ACCOUNT,
    'DELETE account/sessions' => ACCOUNT,
    'DELETE account/sessions/{session}' => ACCOUNT,
    'POST account/phones/{phone}/lost' => ACCOUNT,
    'POST account/second-step' => ACCOUNT, 'POST account/second-step/confirm' => ACCOUNT, 'POST account/second-step/codes' => ACCOUNT,
    'DELETE account/second-step' => ACCOUNT,
    'DELETE meter/tokens/{token}' => ACCOUNT, 'GET no-crew' => ACCOUNT, 'POST crew' => ACCOUNT,
    'GET houses' => CREW, 'GET rules' => CREW, 'POST crew/leave' => CREW,
    'GET jurisdictions' => WORK, 'GET appliances' => WORK, 'GET priors' => WORK, 'GET prices' => WORK, 'GET prices.csv' => WORK,
    'GET instruments' => WORK, 'POST instruments' => WORK,
    'POST meter/token' => WORK, 'GET meter/arrivals' => WORK, 'POST meter/arrivals/{reading}/taken' => WORK,
    'DELETE instruments/{instrument}' => FILE,
    'POST houses' => BUILD,
    'POST jurisdictions' => SETTLE, 'PUT jurisdictions/{jurisdiction}' => 'o', 'DELETE jurisdictions/{jurisdiction}' => 'o',
    'PUT prices' => SETTLE, 'POST prices/csv' => SETTLE,
    'PUT appliances' => SETTLE, 'PUT priors' => SETTLE, 'PUT crew' => SETTLE,
    'GET people' => SETTLE, 'PUT people/{person}' => SETTLE, 'DELETE people/{person}' => SETTLE, 'POST invitations' => SETTLE,
    'DELETE invitations/{invitation}' => SETTLE,
    'GET crew/export' => SETTLE, 'POST crew/deletion' => SETTLE, 'DELETE crew/deletion' => SETTLE,
    'GET houses/{house}' => SEE, 'GET houses/{house}/sheet' => SEE, 'GET houses/{house}/pocket' => SEE,
    'GET houses/{house}/outlets/{point}/alternatives' => SEE, 'GET houses/{house}/outlets/{point}/reads' => SEE,
    'GET houses/{house}/plans' => SEE, 'POST houses/{house}/plans/{what}' => SEE, 'GET houses/{house}/offers' => SEE,
    'GET houses/{house}/survey' => SEE, 'GET houses/{house}/{place}' => SEE,
    'GET houses/{house}/file' => SEE, 'GET houses/{house}/outlets' => SEE, 'GET houses/{house}/outlets.csv' => SEE,
    'GET houses/{house}/rules' => SEE, 'POST houses/{house}/amendment-effects' => SEE,
    'GET houses/{house}/compare' => SEE,
    'GET houses/{house}/history' => SEE, 'GET houses/{house}/history/{number}' => SEE, 'GET houses/{house}/pulse' => SEE,
    'GET houses/{house}/call/sheet' => SEE,
    'GET keep' => WORK, 'GET houses/{house}/kept' => SEE,
    'GET practice' => WORK, 'POST practice/ask/{asked}' => WORK, 'POST practice/draws' => WORK, 'POST practice/visits' => WORK,
    'GET practice/visits/{visit}' => 'o', 'POST practice/drills' => WORK, 'PUT practice/showing' => WORK,
    'GET practice/practice.csv' => WORK, 'GET practice/crew.csv' => SETTLE,
    'GET houses/{house}/round' => SEE, 'GET houses/{house}/papers' => SEE, 'GET houses/{house}/papers/record/{number}' => SEE,
    'GET houses/{house}/papers/{paper}.pdf' => FILE, 'POST houses/{house}/papers/record' => FILE,
    'POST houses/{house}/papers/pages' => FILE, 'POST houses/{house}/papers/pages/{link}/withdraw' => FILE,
    'POST houses/{house}/round' => FILE, 'POST houses/{house}/items/table' => FILE, 'POST houses/{house}/devices/replaced' => CHANGE,
    'GET houses/{house}/runs' => SEE, 'GET houses/{house}/outlets/{point}/breakers' => SEE, 'GET houses/{house}/outlets/{point}/box' => SEE,
    'GET houses/{house}/outlets/{point}/measures' => SEE,
    'GET houses/{house}/photos/{photo}' => SEE,
    'POST houses/{house}/readings' => FILE, 'POST houses/{house}/observations' => FILE, 'POST houses/{house}/breakers' => FILE,
    'POST houses/{house}/mains' => FILE,
    'POST houses/{house}/locks' => FILE, 'POST houses/{house}/proofs' => FILE, 'POST houses/{house}/outlets/{point}/box' => FILE,
    'POST houses/{house}/hunt' => FILE,
    'POST houses/{house}/hunt/flipped' => FILE, 'POST houses/{house}/hunt/looked' => FILE, 'DELETE houses/{house}/hunt' => FILE,
    'POST houses/{house}/outlets/{point}/backs' => FILE, 'POST houses/{house}/outlets/{point}/wires' => FILE,
    'POST houses/{house}/outlets/{point}/pairs' => FILE,
    'POST houses/{house}/outlets/{point}/well' => FILE,
    'POST houses/{house}/outlets/{point}/checks' => FILE, 'POST houses/{house}/outlets/{point}/tests' => FILE,
    'POST houses/{house}/outlets/{point}/notes' => FILE,
    'POST houses/{house}/outlets/{point}/photos' => FILE, 'POST houses/{house}/items' => FILE,
    'POST houses/{house}/call/answers' => FILE, 'POST houses/{house}/call/tests' => FILE,
    'POST houses/{house}/changes' => CHANGE, 'POST houses/{house}/entry' => CHANGE, 'POST houses/{house}/entry/read' => CHANGE,
    'POST houses/{house}/history/{number}/restore' => CHANGE, 'POST houses/{house}/outlets' => CHANGE,
    'POST houses/{house}/outlets/read' => CHANGE,
    'PUT houses/{house}/archive' => CHANGE, 'POST houses/{house}/survey/rooms' => CHANGE, 'POST houses/{house}/survey/outlets' => CHANGE,
    'POST houses/{house}/survey/water' => CHANGE, 'POST houses/{house}/survey/strike' => CHANGE,
    'POST houses/{house}/survey/usual' => CHANGE,
    'POST houses/{house}/survey/breakers' => CHANGE, 'POST houses/{house}/survey/appliances' => CHANGE,
    'POST houses/{house}/rooms/move' => CHANGE, 'POST houses/{house}/rooms/join' => CHANGE, 'POST houses/{house}/rooms/split' => CHANGE,
    'POST houses/{house}/order/areas' => CHANGE, 'POST houses/{house}/order/points' => CHANGE,
    'POST houses/{house}/removals/areas' => CHANGE, 'POST houses/{house}/removals/points' => CHANGE,
    'POST houses/{house}/removals/fixtures' => CHANGE, 'POST houses/{house}/items/{entry}/close' => CHANGE,
    'POST houses/{house}/observations/{entry}/withdraw' => CHANGE, 'POST houses/{house}/runs/keep' => CHANGE,
    'POST houses/{house}/drafts' => CHANGE, 'POST houses/{house}/drafts/{entry}/drop' => CHANGE,
    'POST houses/{house}/drafts/{entry}/carry-out' => CHANGE,
    'POST houses/{house}/offers' => CHANGE, 'POST houses/{house}/offers/{link}/withdraw' => CHANGE,
    'POST houses/{house}/call' => CHANGE,
    'POST houses/{house}/call/tests/{entry}/withdraw' => CHANGE, 'POST houses/{house}/call/cannot' => CHANGE,
    'POST houses/{house}/call/close' => CHANGE, 'POST houses/{house}/call/drop' => CHANGE,
    'POST houses/{house}/calls/{entry}/reopen' => CHANGE,
    'POST houses/{house}/call/questions' => CHANGE, 'POST houses/{house}/call/trial' => CHANGE,
    'POST houses/{house}/call/pages/{link}/withdraw' => CHANGE,
    'POST houses/{house}/call/pages/{link}/take' => CHANGE, 'POST houses/{house}/undo' => CHANGE, 'POST houses/{house}/redo' => CHANGE,
    // For a meter's token; a session sends no readings.
    'POST api/readings' => '',
];

/** @return list<string> every route of ours: method and address */
function everyRoute(): array
{
    $routes = array_filter(iterator_to_array(Route::getRoutes()), fn(RouteOf $route): bool => ! str_starts_with($route->uri(), 'storage/'));
    $named = array_map(
        fn(RouteOf $route): array => array_map(
            fn(string $method): string => "$method {$route->uri()}",
            array_diff($route->methods(), ['HEAD']),
        ),
        array_values($routes),
    );

    // A redirect answers every method; looking is enough.
    return array_values(
        array_filter(array_merge(...$named), fn(string $route): bool => ! str_ends_with($route, ' /') || $route === 'GET /'),
    );
}

it('has every route in the table, and no other', function (): void {
    expect(everyRoute())->toEqualCanonicalizing(array_keys(ALLOWED));
});

it('lets through on every route whom the table lets, and nobody else', function (string $letter): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $other = $this->demoHouseOf($owner);
    $member = fn(Role $role, array $more = []): User => User::query()->create([
        'crew_id' => $owner->crew_id, 'name' => "A {$role->value}", 'email' => "{$role->value}@crew.example",
        'password' => 'long enough words', 'role' => $role, ...$more,
    ]);
    $who = match ($letter) {
        'n' => null,
        's' => $this->crewMember('Stray Person'),
        'o' => $owner,
        'e' => $member(Role::Electrician),
        'h' => $member(Role::Helper),
        'g' => $member(Role::Inspector, ['guest_house_id' => $house->id, 'guest_until' => now()->addDay()]),
        default => User::query()->create([
            'crew_id' => null,
            'name' => 'Alone',
            'email' => 'alone@crew.example',
            'password' => 'long enough words',
        ]),
    };
    $instrument = $owner->crew->instruments()->create(['name' => 'T', 'lamps' => ['hn', 'hg', 'ng'], 'has_button' => true]);
    $jurisdiction = $owner->crew->jurisdictions()->create(['name' => 'J', 'edition' => 'nec-2023', 'amendments' => []]);
    $visit = PracticeVisit::query()->create([
        'id' => str_repeat('a', 32), 'user_id' => $owner->id, 'case' => 'open_hot.4.1', 'theme' => 'open_hot', 'deeds' => [],
        'with_advice' => false, 'is_right' => false, 'minutes' => 0, 'dangers' => [],
    ]);
    $before = [$this->stored($house), $house->fresh()?->revision];
    foreach (array_keys(ALLOWED) as $number => $route) {
        $may = ALLOWED[$route];
        // From an address of its own, so that nothing is too often.
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.' . ord($letter) . ".$number"]);
        [$method, $uri] = explode(' ', $route);
        // What would sign out or leave is tried by the tests of it: the next route is asked as the same person.
        if (
            in_array($route, ['POST sign-out', 'POST crew/leave', 'POST crew', 'POST crew/deletion', 'GET crew/export'], true)
            && str_contains($may, $letter)
        ) {
            continue;
        }
        $url = '/' . str_replace(
            ['{house}', '{number}', '{entry}', '{photo}', '{point}', '{what}', '{paper}'],
            [$house->id, '0', 'e1', str_repeat('a', 64) . '.png', 'k1', 'plan', 'tags'],
            $uri,
        );
        $url = str_replace(['{instrument}', '{jurisdiction}'], [$instrument->id, $jurisdiction->id], $url);
        $url = str_replace(['{visit}', '{asked}'], [$visit->id, 'visit'], $url);
        $url = preg_replace('/\{\w+\}/', '01JZZZZZZZZZZZZZZZZZZZZZZZ', $url);
        $this->app['auth']->forgetGuards();
        $who === null ? null : $this->actingAs($who->fresh());
        // A body that no rule takes: who is let through is told so, or changes nothing.
        $status = $this->json($method, $url, ['nothing' => 'of use'])->getStatusCode();
        $isRefused = in_array($status, [401, 403], true)
            || ($status === 404 && preg_match('/\{(house|instrument|jurisdiction)\}/', $uri) === 1 && $letter === 's')
            // Of one person: it is not there for the others of the crew either.
            || ($status === 404 && str_contains($uri, '{visit}'));
        // One that is signed in is sent on from the pages before it.
        $isRefused = $isRefused || ($may === SIGNED_OUT && $letter !== 'n' && $status === 302);
        $isLetThrough = str_contains($may, $letter);
        expect($status)->toBeLessThan(500, "$route as $letter")
            ->and(! $isRefused)->toBe($isLetThrough, "$route as $letter answers $status");
        if (str_contains($uri, '{house}') && $letter === 'g') {
            $elsewhere = $this->json($method, str_replace($house->id, $other->id, $url), ['nothing' => 'of use'])->getStatusCode();
            expect($elsewhere)->toBe(404, "$route, another house, as a guest");
        }
    }
    if (! in_array($letter, ['o', 'e', 'h'], true)) {
        expect([$this->stored($house), $house->fresh()?->revision])->toBe($before);
    }
})->with(['n', 's', 'o', 'e', 'h', 'g', 'x']);

it('tells a stranger\'s house from one that is not there by nothing', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $stranger = $this->crewMember('Stray Person');
    $of = function (string $id) use ($stranger): array {
        $answer = $this->actingAs($stranger)->getJson("/houses/$id/sheet");

        return [$answer->status(), $answer->json()];
    };
    expect($of($house->id))->toBe($of('01JZZZZZZZZZZZZZZZZZZZZZZZ'))->and($of($house->id)[0])->toBe(404);
});

it('lists only the houses somebody may see', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->demoHouseOf($owner);
    $guest = User::query()->create([
        'crew_id' => $owner->crew_id, 'name' => 'A guest', 'email' => 'guest@crew.example', 'password' => 'long enough words',
        'role' => Role::Householder, 'guest_house_id' => $house->id, 'guest_until' => now(),
    ]);
    $this->actingAs($this->crewMember('Stray Person'))
        ->get('/houses')
        ->assertInertia(fn($page) => $page->component('houses/Index')->has('houses', 0));
    $this->actingAs($guest)->get('/houses')->assertInertia(fn($page) => $page->has('houses', 1)->where('houses.0.id', $house->id));
    $this->actingAs($owner)->get('/houses')->assertInertia(fn($page) => $page->has('houses', 2));
    $this->travelTo(now()->addDays(2));
    $this->actingAs($guest->fresh())->get('/houses')->assertRedirect('/no-crew');
    $this->getJson("/houses/{$house->id}/sheet")->assertForbidden();
    expect(House::query()->count())->toBe(2);
});

it('offers a helper no live work, and others nothing on a helper\'s proof', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $helper = User::query()->create([
        'crew_id' => $owner->crew_id,
        'name' => 'Bo Quill',
        'email' => 'bo@crew.example',
        'password' => 'long enough words',
        'role' => Role::Helper,
    ]);
    $this->actingAs($helper);
    $this->readLive($house, 'g2')->assertOk();
    $this->postJson("/houses/{$house->id}/breakers", ['circuit' => 'c7', 'on' => false])->assertOk();
    $this->prove($house, 'g2')->assertOk();
    $box = fn(): array => $this->getJson("/houses/{$house->id}/outlets/g2/box")->json();
    expect($box()['handsOn']['allowed'])->toBeTrue()->and($box()['liveWork'])->toBeFalse();
    $this->actingAs($owner);
    expect($box()['handsOn'])->toMatchArray(['allowed' => false])
        ->and($box()['handsOn']['why'])->toContain('Bo Quill, a helper, proved W1-02 dead')
        ->and($box()['liveWork'])->toBeTrue();
    $this->postJson(
        "/houses/{$house->id}/call",
        ['kind' => 'trips', 'at' => 'k1', 'when' => 'at_once', 'running' => [], 'words' => null],
    )->assertOk();
    $live = function () use ($house): array {
        $trips = $this->getJson("/houses/{$house->id}/call/sheet")->json('trips');

        $offered = [$trips['state']['next'], ...$trips['state']['alternatives']];

        return array_values(array_filter($offered, fn(?array $card): bool => $card !== null && $card['live'] !== null));
    };
    $this->postJson("/houses/{$house->id}/call/cannot", ['what' => 'lift', 'cannot' => true])->assertOk();
    $this->actingAs($helper);
    foreach ($live() as $card) {
        expect($card['ready'])->toBeFalse()->and($card['hands'])->toContain('helper');
    }
});

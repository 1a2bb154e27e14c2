<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\OutsideLink;
use Bouclier\Engine\Desk;
use Bouclier\Engine\GaveWay;
use Illuminate\Http\UploadedFile;

/** A demo house, and whoever decides there. */
function deciding($test): House
{
    $owner = $test->crewMember();
    $house = $test->demoHouseOf($owner);
    $test->actingAs($owner);

    return $house;
}

/** An offer of the plan and one line more, as it was made. */
function offered($test, House $house): OutsideLink
{
    $scope = $test->postJson("/houses/{$house->id}/plans/scope", ['strategy' => 'fewest'])->assertOk();
    $keys = ['plan', collect($scope->json('lines'))->firstWhere('title', 'In-use hood at Y1-01.')['key']];
    $test->postJson("/houses/{$house->id}/offers", ['strategy' => 'fewest', 'keys' => $keys, 'days' => 30])->assertOk();

    return OutsideLink::query()->sole();
}

it('keeps a plan as a draft, shows it on the runs, carries it out with one change, and undo turns that back', function (): void {
    $house = deciding($this);
    $plan = $this->postJson("/houses/{$house->id}/plans/plan", ['strategy' => 'fewest'])->assertOk()->json();
    $this->postJson("/houses/{$house->id}/drafts", ['name' => 'Fewest parts', 'changes' => $plan['patches']])->assertOk();
    $draft = $this->getJson("/houses/{$house->id}/plans")->json('drafts.0');
    expect($draft['name'])->toBe('Fewest parts')->and($draft['changes'])->toBe(count($plan['patches']));
    $shown = $this->postJson("/houses/{$house->id}/plans/draft", ['draft' => $draft['id']])->assertOk()->json();
    expect($shown['changed'])->toEqualCanonicalizing($plan['changed']);
    $bare = fn(): int => $this->getJson("/houses/{$house->id}/plans")->json('wanting');
    expect($bare())->toBe(43);
    $this->postJson("/houses/{$house->id}/drafts/{$draft['id']}/carry-out")->assertOk();
    expect($bare())->toBe(0)->and($this->getJson("/houses/{$house->id}/plans")->json('drafts'))->toBe([]);
    $this->postJson("/houses/{$house->id}/undo")->assertOk();
    expect($bare())->toBe(43)->and($this->getJson("/houses/{$house->id}/plans")->json('drafts.0.name'))->toBe('Fewest parts');
});

it('refuses a draft that makes no house, and says where', function (): void {
    $house = deciding($this);
    $bad = [['in' => 'points', 'id' => 'k1', 'set' => ['area' => 'no']]];
    $this->postJson("/houses/{$house->id}/drafts", ['name' => 'Bad', 'changes' => $bad])
        ->assertStatus(422)->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'area'));
    $this->postJson("/houses/{$house->id}/drafts", ['name' => 'None', 'changes' => []])->assertStatus(422);
    $this->postJson("/houses/{$house->id}/drafts/none/carry-out")->assertStatus(404);
    expect($house->fresh()?->revision)->toBe(0);
});

it('adds up what is ticked as it is done together, not line by line', function (): void {
    $house = deciding($this);
    $scope = $this->postJson("/houses/{$house->id}/plans/scope", ['strategy' => 'fewest'])->json();
    $steps = array_merge(...array_column($scope['lines'], 'steps'));
    $bill = $this->postJson("/houses/{$house->id}/plans/bill", ['steps' => $steps])->assertOk()->json();
    $apart = array_sum(array_map(
        fn(array $line): float => $line['adds']['cost'],
        $scope['lines'],
    ));
    expect($bill['cost'])->toBeLessThan($apart)->toBeGreaterThan($scope['bill']['cost']);
});

it('shows a customer the offer alone, adds up what is chosen, and files what is accepted by a name, once', function (): void {
    $house = deciding($this);
    $link = offered($this, $house);
    app('auth')->forgetGuards();
    $page = $this->get("/for-you/{$link->token}")->assertOk();
    $page->assertInertia(
        fn($page) => $page->where('kind', 'offer')->has('offer.offered.lines', 2)->missing('asked')->missing('offer.steps'),
    );
    $lines = $page->viewData('page')['props']['offer']['offered']['lines'];
    $keys = array_column($lines, 'key');
    $this->post("/for-you/{$link->token}/offer", ['ticked' => [$keys[0]], 'name' => null])->assertRedirect();
    $total = $this->get("/for-you/{$link->token}")->viewData('page')['props']['offer']['total'];
    expect($total)->toBe($lines[0]['cost']);
    $this->post("/for-you/{$link->token}/offer", ['ticked' => ['not offered'], 'name' => null])->assertRedirect();
    expect($this->get("/for-you/{$link->token}")->viewData('page')['props']['offer']['total'])->toEqual(0);
    $this->post("/for-you/{$link->token}/offer", ['ticked' => [], 'name' => 'Ivo Marsh'])->assertStatus(422);
    $this->post("/for-you/{$link->token}/offer", ['ticked' => [$keys[0]], 'name' => 'Ivo Marsh'])->assertRedirect();
    $this->post("/for-you/{$link->token}/offer", ['ticked' => $keys, 'name' => 'Somebody else'])->assertStatus(422);
    $filed = json_decode($this->stored($house))->records->offers;
    expect($filed)->toHaveCount(1)->and($filed[0]->accepted_by)->toBe('Ivo Marsh')->and($filed[0]->total)->toBe($total)
        ->and($filed[0]->text)->toBe('Protect 43 outlets');
});

it('prints the same on paper, for as long as the page is open', function (): void {
    $house = deciding($this);
    $link = offered($this, $house);
    app('auth')->forgetGuards();
    $paper = $this->get("/for-you/{$link->token}/paper")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect(substr((string) $paper->getContent(), 0, 5))->toBe('%PDF-')->and(strlen((string) $paper->getContent()))->toBeGreaterThan(5000);
    $this->travel(31)->days();
    $this->get("/for-you/{$link->token}/paper")->assertStatus(410);
    $this->post("/for-you/{$link->token}/offer", ['ticked' => ['plan'], 'name' => 'Ivo Marsh'])->assertStatus(410);
});

it('prices by the crew\'s own table, with its day, out and in as a table; an offer keeps its prices', function (): void {
    $house = deciding($this);
    $cost = fn(): float => $this->getJson("/houses/{$house->id}/plans")->json('plans.0.figures.cost');
    $link = offered($this, $house);
    $before = $cost();
    $this->put('/prices', ['prices' => 'gfci_receptacle', 'value' => 30])->assertRedirect();
    expect($cost())->toBeGreaterThan($before);
    $this->get('/prices')->assertInertia(fn($page) => $page->where('since', now()->toDateString())->where('parts.1.isOwn', true));
    $table = $this->get('/prices.csv')->assertOk()->streamedContent();
    expect($table)->toContain("part,gfci_receptacle,GFCI receptacle,30\r\n");
    $this->put('/prices', ['prices' => 'gfci_receptacle', 'value' => null])->assertRedirect();
    expect($cost())->toBe($before);
    $take = fn(string $csv) => $this->post('/prices/csv', ['table' => UploadedFile::fake()->createWithContent('prices.csv', $csv)]);
    $take($table)->assertRedirect();
    expect($cost())->toBeGreaterThan($before);
    // What a table does not name stays as it was said.
    $take("what,name,said,value\r\nminutes,swap,,31\r\n")->assertRedirect();
    $this->get('/prices')->assertInertia(fn($page) => $page->where('parts.1.value', 30)->where('minutes.0.value', 31));
    $take("what,name,said,value\r\nminutes,breaker,,16\r\n")->assertRedirect();
    $this->get('/prices')->assertInertia(fn($page) => $page->where('minutes.0.value', 31)->where('minutes.1.value', 16));
    $take("what,name,said,value\r\npart,gold_receptacle,,9\r\nminutes,swap,,soon\r\n")->assertSessionHasErrors([
        'table' => 'row 2: there is no part "gold_receptacle"; row 3: "soon" is no price and no time',
    ]);
    app('auth')->forgetGuards();
    $offer = $this->get("/for-you/{$link->token}")->viewData('page')['props']['offer'];
    expect($offer['offered']['lines'][0]['cost'])->toBe($before);
});

it('answers the same on a phone without a signal, at the crew\'s prices', function (string $path, array $asked): void {
    $house = deciding($this);
    $this->put('/prices', ['minutes' => 'swap', 'value' => 31])->assertRedirect();
    $there = $path === 'plans'
        ? $this->getJson("/houses/{$house->id}/plans")
        : $this->postJson("/houses/{$house->id}/$path", $asked);
    $sent = json_decode((string) $this->getJson("/houses/{$house->id}/pocket")->assertOk()->getContent());
    $desk = new Desk(fn() => null);
    $desk->answer((object) ['do' => 'open', 'house' => $house->id, 'known' => $sent]);
    $here = $desk->answer((object) [
        'do' => 'ask', 'house' => $house->id, 'now' => now()->utc()->format('Y-m-d\TH:i:s\Z'), 'path' => $path, 'body' => (object) $asked,
    ]);
    expect(json_decode((string) json_encode($here['ok']), true))->toEqual($there->assertOk()->json());
})->with([
    ['plans', []], ['plans/plan', ['strategy' => 'panel']], ['plans/scope', ['strategy' => 'local']],
    ['plans/adding', ['area' => 'hba', 'serves' => 'countertop']],
]);

it('leaves the scope for what was told meanwhile', function (): void {
    $desk = new Desk(fn() => throw new GaveWay());
    $file = json_decode((string) file_get_contents(database_path('demo/plover-street-8.house.json')));
    $desk->answer((object) ['do' => 'open', 'house' => 'h', 'known' => (object) [
        'file' => $file, 'revision' => 1, 'house' => 'h', 'name' => 'Ada',
    ]]);
    expect($desk->answer((object) [
        'do' => 'ask', 'house' => 'h', 'now' => '2026-03-02T10:00:00Z', 'path' => 'plans/scope',
        'body' => (object) ['strategy' => 'fewest'],
        'givesWay' => true,
    ]))->toBe(['gaveWay' => true]);
});

<?php

declare(strict_types=1);

use App\Models\Enums\Role;
use App\Models\House;
use App\Models\PracticeDrill;
use App\Models\PracticeVisit;
use App\Models\User;
use Bouclier\Core\Practice\Drills\Drill;
use Bouclier\Core\Practice\Drills\LampPattern;

const GARAGE = 'written-no-click-in-the-garage';
const LINE_READ = ['do' => 'volts', 'at' => ['cable' => 'w-g1', 'end' => 'to'], 'between' => 'hn', 'low_z' => true];
const TESTED = ['do' => 'tester', 'at' => ['point' => 'g2']];

/** An id as a phone gives it. */
function phoneId(int $number): string
{
    return sprintf('00000000-0000-4000-8000-%012d', $number);
}

function endedVisit(int $number, ?string $named = 'open:w-g1:hot', array $more = []): array
{
    return ['id' => phoneId($number), 'case' => GARAGE, 'deeds' => [TESTED], 'named' => $named, 'with_advice' => false, ...$more];
}

function electrician(User $owner, string $name = 'Edda Rowe', Role $role = Role::Electrician): User
{
    return User::query()->create([
        'crew_id' => $owner->crew_id, 'name' => $name, 'email' => strtolower(str_replace(' ', '.', $name)) . '@crew.example',
        'password' => 'long enough words', 'role' => $role,
    ]);
}

it('answers a visit, what the application would do, and what can be named', function (): void {
    $this->actingAs($this->crewMember());
    $this->get('/practice')->assertOk()->assertInertia(fn($page) => $page->component('Practice')
        ->has('choices.written', 28)->has('choices.drills', 4)->where('own.themes', [])->where('shows', false)->where('crew', []));
    $this->postJson('/practice/ask/visit', ['case' => GARAGE, 'deeds' => [TESTED]])->assertOk()
        ->assertJsonPath('minutes', 1)->assertJsonPath('steps.0.read', 'no lamp lit')->assertJsonPath('open', []);
    $this->postJson('/practice/ask/visit', ['case' => GARAGE, 'deeds' => [['do' => 'open_box', 'point' => 'g1']]])->assertOk()
        ->assertJsonPath('steps.0.danger.title', 'Hands at G-01, and it is not proved dead');
    $this->postJson('/practice/ask/advice', ['case' => GARAGE, 'deeds' => []])->assertOk()->assertJsonPath('traced', true);
    $this->postJson('/practice/ask/advice', ['case' => 'written-dead-basin', 'deeds' => []])->assertOk()->assertJsonPath('traced', false);
    $causes = $this->postJson('/practice/ask/causes', ['case' => GARAGE, 'deeds' => []])->assertOk()->json();
    expect(array_column($causes, 'id'))->toContain('open:w-g1:hot');
});

it('says nothing of what is hidden before it is named', function (): void {
    $this->actingAs($this->crewMember());
    $said = $this->postJson('/practice/ask/visit', ['case' => 'any.6.44', 'deeds' => []])->assertOk()->getContent();
    expect($said)->not->toContain('hidden')->not->toContain('"faults"')->not->toContain('asItIs')->not->toContain('leakage');
    $round = $this->postJson('/practice/ask/drill', ['kind' => 'find_line', 'seed' => 7])->assertOk()->getContent();
    expect($round)->not->toContain('answer')->not->toContain('why');
});

it('refuses what is no case, no deed and no cause, and says which', function (string $asked, array $said, string $message): void {
    $this->actingAs($this->crewMember());
    $this->postJson("/practice/ask/$asked", $said)->assertUnprocessable()
        ->assertJsonPath('message', fn(string $one): bool => str_contains($one, $message));
})->with([
    ['visit', ['case' => 'written-nothing', 'deeds' => []], 'case'],
    ['visit', ['case' => GARAGE], 'deeds'],
    ['visit', ['case' => GARAGE, 'deeds' => [['do' => 'dance']]], 'must be one of'],
    ['visit', ['case' => GARAGE, 'deeds' => array_fill(0, 201, TESTED)], '200'],
    ['visit', ['case' => GARAGE, 'deeds' => [['do' => 'trace_runs']]], 'traced already'],
    ['drill', ['kind' => 'dance', 'seed' => 1], 'drill'],
    ['drill/answer', ['kind' => 'find_line', 'seed' => 1, 'number' => 11, 'answers' => []], 'number'],
]);

it('keeps how it went once, worked out beside, and of no house', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user);
    $houses = House::query()->count();
    foreach ([1, 2] as $time) {
        $this->postJson('/practice/visits', endedVisit(1))->assertOk()->assertJsonPath('id', phoneId(1));
    }
    $visit = PracticeVisit::query()->sole();
    expect($visit->is_right)->toBeTrue()->and($visit->theme)->toBe('open_hot')->and($visit->minutes)->toBe(1.0)
        ->and($visit->best_minutes)->toBeGreaterThan(0.0)->and($visit->dangers)->toBe([])
        ->and(House::query()->count())->toBe($houses);
    $went = $this->getJson('/practice/visits/' . phoneId(1))->assertOk()->json('afterwards');
    expect($went['right'])->toBeTrue()->and($went['cause'])->toContain('G-01')->and($went['best']['minutes'])->toEqual($visit->best_minutes)
        ->and($went['again'])->toStartWith('open_hot.');
    $stopped = ['deeds' => [['do' => 'open_box', 'point' => 'g1']]];
    $this->postJson('/practice/visits', endedVisit(2, 'open:w-g1:neutral', $stopped))->assertOk();
    $this->postJson('/practice/visits', endedVisit(3, null))->assertOk();
    $this->get('/practice')->assertInertia(fn($page) => $page->has('own.themes', 1)
        ->where('own.themes.0.done', 3)->where('own.themes.0.right', 1)->where('own.themes.0.dangers', 1)
        ->where('own.dangers', [['danger' => 'Hands in a box that was not proved dead', 'times' => 1]])->where('solved', [GARAGE]));
});

it('does not keep what no visit can be', function (array $more): void {
    $this->actingAs($this->crewMember());
    $this->postJson('/practice/visits', endedVisit(1, more: $more))->assertUnprocessable();
    expect(PracticeVisit::query()->count())->toBe(0);
})->with([[['id' => 'x']], [['named' => 'nobody']], [['case' => 'x']], [['deeds' => 'x']], [['with_advice' => null]]]);

it('counts the boxes of a drill itself', function (): void {
    $this->actingAs($this->crewMember());
    $boxes = array_map(function (int $number): array {
        $answers = [];
        foreach (LampPattern::box(5, $number)->items as $item) {
            $answers[$item->id] = $number <= 7 ? $item->answer : 'something else';
        }

        return ['answers' => $answers];
    }, range(1, Drill::ROUND));
    $round = ['id' => phoneId(4), 'kind' => 'lamp_pattern', 'seed' => 5, 'boxes' => $boxes, 'seconds' => 95];
    $this->postJson('/practice/drills', $round)->assertOk()->assertExactJson(['right' => 7, 'of' => 10]);
    $this->postJson('/practice/drills', $round)->assertOk();
    expect(PracticeDrill::query()->count())->toBe(1);
    $this->postJson('/practice/ask/drill/answer', ['kind' => 'lamp_pattern', 'seed' => 5, 'number' => 1, 'answers' => $boxes[0]['answers']])
        ->assertOk()->assertJsonPath('right', true);
    $this->get('/practice')->assertInertia(fn($page) => $page->where('own.drills.0.right', 7)->where('own.drills.0.boxes', 10));
});

it('draws one as hard as asked for beside, and has it when it is asked again', function (): void {
    $this->actingAs($this->crewMember());
    $said = ['kind' => 'open_ground', 'outlets' => 4, 'level' => 'easy', 'seed' => 3];
    $this->postJson('/practice/draws', $said)->assertOk();
    $this->postJson('/practice/draws', $said)->assertOk()->assertJsonPath('done', true)
        ->assertJsonPath('case', fn(string $name): bool => str_starts_with($name, 'open_ground.4.'));
    $this->postJson('/practice/draws', ['level' => 'dreadful'] + $said)->assertUnprocessable();
});

it('is each one\'s own: another sees nothing of it, and takes none of its ids', function (): void {
    $owner = $this->crewMember();
    $this->actingAs($owner)->postJson('/practice/visits', endedVisit(1))->assertOk();
    foreach ([electrician($owner), $this->crewMember('Bo Fern')] as $other) {
        $this->actingAs($other);
        $this->getJson('/practice/visits/' . phoneId(1))->assertNotFound();
        $this->postJson('/practice/visits', endedVisit(1))->assertNotFound();
        $this->get('/practice')->assertInertia(fn($page) => $page->where('own.themes', []));
    }
});

it('shows the owner what somebody shows, by page and by table, and nothing else', function (): void {
    $owner = $this->crewMember();
    $edda = electrician($owner);
    $stranger = $this->crewMember('Bo Fern');
    $this->actingAs($edda)->postJson('/practice/visits', endedVisit(1))->assertOk();
    $this->get('/practice/crew.csv')->assertForbidden();
    expect($this->get('/practice/practice.csv')->assertOk()->getContent())->toContain('Edda Rowe')->toContain(GARAGE);

    $this->actingAs($owner)->get('/practice')->assertInertia(fn($page) => $page->where('crew', []));
    expect($this->get('/practice/crew.csv')->assertOk()->getContent())->not->toContain('Edda Rowe');
    $this->actingAs($edda->fresh())->put('/practice/showing', ['shows' => true])->assertRedirect();
    $this->actingAs($owner)->get('/practice')->assertInertia(fn($page) => $page->where('crew.0.name', 'Edda Rowe')
        ->where('crew.0.practised.themes.0.right', 1));
    expect($this->get('/practice/crew.csv')->assertOk()->getContent())->toContain('Edda Rowe');
    $this->actingAs($stranger)->get('/practice')->assertInertia(fn($page) => $page->where('crew', []));
    expect($this->get('/practice/crew.csv')->assertOk()->getContent())->not->toContain('Edda Rowe');
    $this->actingAs($edda->fresh())->put('/practice/showing', ['shows' => false])->assertRedirect();
    $this->actingAs($owner)->get('/practice')->assertInertia(fn($page) => $page->where('crew', []));
});

it('keeps practice for who works, and not for guests', function (): void {
    $owner = $this->crewMember();
    $this->actingAs(electrician($owner, 'Hal Helper', Role::Helper))->get('/practice')->assertOk();
    $guest = electrician($owner, 'Ina Spector', Role::Inspector);
    $guest->update(['guest_until' => now()->addDay(), 'guest_house_id' => $this->demoHouseOf($owner)->id]);
    $this->actingAs($guest)->get('/practice')->assertForbidden();
});

<?php

declare(strict_types=1);

use App\Actions\DeleteCrews;
use App\Actions\ExportCrew;
use App\Models\Crew;
use App\Models\Enums\Role;
use App\Models\House;
use App\Models\Invitation;
use App\Models\User;
use App\Notifications\Invited;
use App\Persistence\HouseStore;
use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Storage;

/** Asks somebody in, and answers the path of the link in the mail. */
function invited($test, array $asked): string
{
    Notification::fake();
    $test->post('/invitations', $asked)->assertSessionHasNoErrors();
    $url = '';
    Notification::assertSentTo(new AnonymousNotifiable(), Invited::class, function (Invited $sent) use (&$url): bool {
        $url = $sent->toMail()->actionUrl;

        return true;
    });

    return (string) parse_url($url, PHP_URL_PATH);
}

const NEW_ACCOUNT = ['name' => 'Bo Fern', 'password' => 'long enough words', 'password_confirmation' => 'long enough words'];

it('asks somebody in by mail, who comes in once with what they were asked in as', function (): void {
    $owner = $this->crewMember();
    $this->actingAs($owner);
    $link = invited($this, ['email' => 'bo@crew.example', 'role' => 'helper']);
    $this->get('/people')->assertInertia(
        fn($page) => $page->component('People')->has('people', 1)->where('invitations.0.email', 'bo@crew.example'),
    );
    $this->post('/sign-out');
    $this->app['auth']->forgetGuards();
    $this->get($link)->assertInertia(
        fn($page) => $page->component('auth/Invitation')->where('open', true)->where('role', 'Helper')->where('signedIn', null),
    );
    $this->postJson($link, ['name' => 'Bo', 'password' => 'short', 'password_confirmation' => 'short'])->assertUnprocessable();
    $this->post($link, NEW_ACCOUNT)->assertRedirect('/houses');
    $this->assertAuthenticated();
    $bo = User::query()->where('email', 'bo@crew.example')->sole();
    expect($bo->crew_id)->toBe($owner->crew_id)->and($bo->role)->toBe(Role::Helper);
    $this->post('/sign-out');
    $this->postJson($link, NEW_ACCOUNT)->assertUnprocessable();
    $this->get($link)->assertInertia(fn($page) => $page->where('open', false));
});

it('lets an invitation grow old, and be withdrawn', function (): void {
    $this->actingAs($this->crewMember());
    $old = invited($this, ['email' => 'bo@crew.example', 'role' => 'electrician']);
    $withdrawn = invited($this, ['email' => 'cy@crew.example', 'role' => 'electrician']);
    $this->delete('/invitations/' . Invitation::query()->where('email', 'cy@crew.example')->sole()->id)->assertRedirect();
    $this->post('/sign-out');
    $this->get($withdrawn)->assertNotFound();
    $this->travel(Invitation::DAYS + 1)->days();
    $this->postJson($old, NEW_ACCOUNT)->assertUnprocessable();
    expect(User::query()->count())->toBe(1);
});

it('takes somebody with an account over when their crew holds nothing, and not out of one that does', function (): void {
    $owner = $this->crewMember();
    $bo = $this->crewMember('Bo Fern');
    $old = $bo->crew_id;
    $this->actingAs($owner);
    $link = invited($this, ['email' => $bo->email, 'role' => 'electrician']);
    $this->actingAs($this->crewMember('Cy Other'))->postJson($link)->assertUnprocessable();
    $this->app['auth']->forgetGuards();
    $this->postJson($link, NEW_ACCOUNT)->assertUnprocessable();
    $house = $this->demoHouseOf($bo);
    $this->actingAs($bo)
        ->postJson($link)
        ->assertUnprocessable()
        ->assertJsonPath('errors.token.0', fn(string $why): bool => str_contains($why, 'leave it first'));
    app(HouseStore::class)->remove($house);
    $this->post($link)->assertRedirect('/houses');
    expect($bo->fresh()->crew_id)->toBe($owner->crew_id)
        ->and($bo->fresh()->role)->toBe(Role::Electrician)
        ->and(Crew::query()->whereKey($old)->exists())->toBeFalse();
});

it('asks of a guest which house, and until when', function (array $more, string $field): void {
    $owner = $this->crewMember();
    $strange = $this->demoHouseOf($this->crewMember('Stray Person'));
    $this->demoHouseOf($owner);
    $this->actingAs($owner)
        ->post(
            '/invitations',
            [
                'email' => 'g@crew.example',
                'role' => 'inspector',
                ...array_map(fn(string $one): string => $one === 'theirs' ? $strange->id : $one, $more),
            ],
        )
        ->assertSessionHasErrors($field);
    expect(Invitation::query()->count())->toBe(0);
})->with([
    'no house' => [['until' => '2030-01-01'], 'house'],
    'another crew\'s house' => [['house' => 'theirs', 'until' => '2027-01-01'], 'house'],
    'no end' => [['house' => 'theirs'], 'until'],
    'over already' => [['house' => 'theirs', 'until' => '2020-01-01'], 'until'],
]);

it('shows a guest one house, read only', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->actingAs($owner);
    $link = invited(
        $this,
        ['email' => 'g@crew.example', 'role' => 'inspector', 'house' => $house->id, 'until' => now()->addDays(5)->toDateString()],
    );
    $this->post('/sign-out');
    $this->app['auth']->forgetGuards();
    $this->post($link, NEW_ACCOUNT)->assertRedirect('/houses');
    $this->get("/houses/{$house->id}")->assertOk();
    $this->postJson("/houses/{$house->id}/readings", ['revision' => 0, 'point' => 'k1', 'half' => null, 'volts' => 120])
        ->assertForbidden()
        ->assertJsonPath('message', 'You see this house; you change nothing in it.');
    $this->get('/people')->assertForbidden();
});

it('always leaves a crew an owner, and hands it over', function (): void {
    $owner = $this->crewMember();
    $bo = User::query()->create([
        'crew_id' => $owner->crew_id,
        'name' => 'Bo Fern',
        'email' => 'bo@crew.example',
        'password' => 'long enough words',
        'role' => Role::Electrician,
    ]);
    $this->actingAs($owner);
    $this->post('/crew/leave')->assertSessionHasErrors('role');
    $this->put("/people/{$owner->id}", ['role' => 'helper'])->assertSessionHasErrors('role');
    expect($owner->fresh()->role)->toBe(Role::Owner)->and($owner->fresh()->crew_id)->not->toBeNull();
    $this->put("/people/{$bo->id}", ['role' => 'owner'])->assertSessionHasNoErrors();
    $this->put("/people/{$bo->id}", ['role' => 'inspector'])->assertSessionHasErrors('role');
    $this->post('/crew/leave')->assertRedirect('/no-crew');
    expect($owner->fresh()->crew_id)->toBeNull()->and($bo->fresh()->role)->toBe(Role::Owner);
    $this->actingAs($owner->fresh())->get('/houses')->assertRedirect('/no-crew');
    $this->post('/crew', ['name' => 'A crew of my own'])->assertRedirect('/houses');
    expect($owner->fresh()->crew?->name)->toBe('A crew of my own');
    $this->actingAs($bo->fresh())->put("/people/{$owner->id}", ['role' => 'helper'])->assertNotFound();
});

it('takes somebody out, signed out everywhere; what they filed keeps their name', function (): void {
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $bo = User::query()->create([
        'crew_id' => $owner->crew_id,
        'name' => 'Bo Fern',
        'email' => 'bo@crew.example',
        'password' => 'long enough words',
        'role' => Role::Electrician,
    ]);
    $this->actingAs($bo);
    $this->readLive($house, 'k1')->assertOk();
    DB::table('sessions')->insert(['id' => 'theirs', 'user_id' => $bo->id, 'payload' => '', 'last_activity' => time()]);
    $bo->createToken('meter', ['readings:send']);
    $this->actingAs($owner)->delete("/people/{$bo->id}")->assertSessionHasNoErrors();
    expect($bo->fresh()->crew_id)->toBeNull()->and(DB::table('sessions')->count())->toBe(0)->and($bo->tokens()->count())->toBe(0);
    $this->get("/houses/{$house->id}/history")->assertInertia(fn($page) => $page->where('revisions.0.who', 'Bo Fern'));
    expect($this->stored($house))->toContain('"who": "Bo Fern"');
    $this->actingAs($bo->fresh())->getJson("/houses/{$house->id}/sheet")->assertForbidden();
});

it('gives everything of a crew as one archive, of that crew alone', function (): void {
    Storage::fake('local');
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $this->demoHouseOf($this->crewMember('Stray Person'));
    Storage::put("photos/{$house->id}/" . str_repeat('a', 64) . '.png', 'pixels');
    $path = (string) $this->actingAs($owner)->get('/crew/export')->assertOk()->baseResponse->getFile()->getPathname();
    $zip = new ZipArchive();
    $zip->open($path);
    $names = array_map($zip->getNameIndex(...), range(0, $zip->numFiles - 1));
    $folder = 'plover-street-8-' . substr($house->id, -6);
    expect($names)->toEqualCanonicalizing(['crew.json', "$folder/house.json", "$folder/photos/" . str_repeat('a', 64) . '.png'])
        ->and($zip->getFromName("$folder/house.json"))->toBe($this->stored($house));
});

it('leaves nothing behind of an archive that cannot be made', function (): void {
    $owner = $this->crewMember();
    $this->demoHouseOf($owner);
    Storage::shouldReceive('files')->andReturn(['photos/one.png', 'photos/two.png']);
    Storage::shouldReceive('readStream')->with('photos/one.png')->andReturn(fopen('data:,pixels', 'r'));
    Storage::shouldReceive('readStream')->with('photos/two.png')->andThrow(new RuntimeException('The store of photographs is away'));
    $left = fn(): array => glob(sys_get_temp_dir() . '/{crew,photo}*', GLOB_BRACE);
    $before = $left();
    expect(fn() => app(ExportCrew::class)($owner->crew))->toThrow(RuntimeException::class, 'is away')->and($left())->toBe($before);
});

it('deletes a crew after thirty days, and keeps it until then', function (): void {
    Storage::fake('local');
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $kept = $this->demoHouseOf($this->crewMember('Stray Person'));
    Storage::put("photos/{$house->id}/x.png", 'pixels');
    $this->actingAs($owner)->post('/crew/deletion', ['password' => 'wrong'])->assertSessionHasErrors('password');
    $this->post('/crew/deletion', ['password' => 'long enough words'])->assertSessionHasNoErrors();
    $this->travel(29)->days();
    expect(app(DeleteCrews::class)())->toBe(0)->and(House::query()->count())->toBe(2);
    $this->delete('/crew/deletion')->assertRedirect();
    $this->travel(5)->days();
    expect(app(DeleteCrews::class)())->toBe(0);
    $this->post('/crew/deletion', ['password' => 'long enough words']);
    $this->travel(30)->days();
    expect(app(DeleteCrews::class)())->toBe(1)->and(House::query()->pluck('id')->all())->toBe([$kept->id])
        ->and(User::query()->whereKey($owner->id)->exists())->toBeFalse()->and(Storage::allFiles())->toBe([]);
});

it('names tokens of meters, says when they were used, ends one, and throttles wrong ones', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user);
    $this->postJson('/meter/token', ['name' => ['x']])->assertUnprocessable();
    $one = $this->postJson('/meter/token', ['name' => 'Clamp in the van'])->json('token');
    $two = $this->postJson('/meter/token', ['name' => 'Bench'])->json('token');
    $this->app['auth']->forgetGuards();
    $send = fn(string $token) => $this->postJson('/api/readings', ['instrument' => 'm', 'ma' => 1], ['Authorization' => "Bearer $token"]);
    $send($one)->assertCreated();
    $this->app['auth']->forgetGuards();
    $this->actingAs($user)->get('/account')->assertInertia(fn($page) => $page->has('tokens', 2));
    $used = $user->tokens()->where('name', 'Clamp in the van')->sole();
    expect($used->last_used_at)->not->toBeNull();
    $stray = $this->crewMember('Stray Person');
    $this->actingAs($stray)->delete("/meter/tokens/{$used->id}")->assertRedirect();
    expect($user->tokens()->count())->toBe(2);
    $this->actingAs($user)->delete("/meter/tokens/{$used->id}")->assertRedirect();
    $this->app['auth']->forgetGuards();
    $send($one)->assertUnauthorized();
    for ($try = 0; $try < 9; ++$try) {
        $this->app['auth']->forgetGuards();
        $send("$try|wrong")->assertUnauthorized();
    }
    $this->app['auth']->forgetGuards();
    $send('10|wrong')->assertStatus(429);
    $send($two)->assertStatus(429);
});

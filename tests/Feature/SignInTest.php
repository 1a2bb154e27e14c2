<?php

declare(strict_types=1);

use App\Models\Crew;
use App\Models\Registration;
use App\Models\User;
use App\Notifications\AlreadyRegistered;
use App\Notifications\ConfirmRegistration;
use App\Support\Totp;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Http\Request;
use Illuminate\Notifications\AnonymousNotifiable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Route;

const WORDS = 'long enough words';

/** @return array<string, string> what is typed to register */
function registering(array $more = []): array
{
    return $more + [
        'crew' => 'Quill Electric',
        'name' => 'Ada Quill',
        'email' => 'ada@crew.example',
        'password' => WORDS,
        'password_confirmation' => WORDS,
    ];
}

/** @param class-string $mail */
function linkIn(string $mail): string
{
    $url = '';
    Notification::assertSentTo(new AnonymousNotifiable(), $mail, function (object $sent) use (&$url): bool {
        $url = $sent->toMail()->actionUrl;

        return true;
    });

    return (string) parse_url($url, PHP_URL_PATH);
}

it('registers a crew and its first member once the mail was followed, and once only', function (): void {
    Notification::fake();
    $this->post('/register', registering())->assertRedirect('/sign-in')->assertSessionHas('status');
    $this->assertGuest();
    expect(User::query()->count())->toBe(0);
    $link = linkIn(ConfirmRegistration::class);
    $this->get($link)->assertInertia(fn($page) => $page->component('auth/Confirm')->where('open', true)->where('crew', 'Quill Electric'));
    $this->post($link)->assertRedirect('/houses');
    $this->assertAuthenticated();
    expect(User::query()->sole()->crew?->name)->toBe('Quill Electric')->and(User::query()->sole()->role->value)->toBe('owner');
    $this->post('/sign-out');
    $this->postJson($link)->assertUnprocessable();
    $this->post('/sign-in', ['email' => 'ada@crew.example', 'password' => WORDS])->assertRedirect('/houses');
});

it('answers a registration alike for an address that has an account, and tells its owner alone', function (): void {
    Notification::fake();
    $this->crewMember();
    $answer = function (string $email): array {
        $done = $this->post('/register', registering(['email' => $email]));

        return [$done->status(), $done->headers->get('Location'), session('status')];
    };
    expect($answer('ada.quill@crew.example'))->toBe($answer('nobody@crew.example'));
    Notification::assertSentTo(new AnonymousNotifiable(), AlreadyRegistered::class);
    expect(User::query()->count())->toBe(1)->and(Crew::query()->count())->toBe(1);
});

it('takes two registrations of one address at once, and opens one', function (): void {
    Notification::fake();
    $this->post('/register', registering())->assertRedirect();
    $this->post('/register', registering(['crew' => 'Quill again']))->assertRedirect();
    $links = [];
    Notification::assertSentTo(new AnonymousNotifiable(), ConfirmRegistration::class, function (object $sent) use (&$links): bool {
        $links[] = (string) parse_url($sent->toMail()->actionUrl, PHP_URL_PATH);

        return true;
    });
    expect($links)->toHaveCount(2);
    $this->post($links[0])->assertRedirect('/houses');
    $this->post('/sign-out');
    $this->postJson($links[1])->assertUnprocessable();
    expect(User::query()->count())->toBe(1);
});

it('lets the link of a registration grow old', function (): void {
    Notification::fake();
    $this->post('/register', registering());
    $link = linkIn(ConfirmRegistration::class);
    $this->travel(Registration::HOURS + 1)->hours();
    $this->get($link)->assertInertia(fn($page) => $page->where('open', false));
    $this->postJson($link)->assertUnprocessable();
    $this->get('/register/confirm/' . str_repeat('x', 40))->assertNotFound();
});

it('keeps nothing of a registration that is not right', function (array $wrong, string $field): void {
    Notification::fake();
    $this->post('/register', registering($wrong))->assertSessionHasErrors($field);
    expect(Registration::query()->count())->toBe(0);
    $this->assertGuest();
    Notification::assertNothingSent();
})->with([
    'no crew' => [['crew' => ''], 'crew'],
    'no address' => [['email' => 'nobody'], 'email'],
    'an address that is a list' => [['email' => ['ada@crew.example']], 'email'],
    'a short password' => [['password' => 'nine char', 'password_confirmation' => 'nine char'], 'password'],
    'two passwords' => [['password_confirmation' => 'other words here'], 'password'],
    'one of the commonest' => [['password' => 'qwertyuiop', 'password_confirmation' => 'qwertyuiop'], 'password'],
    'one of the commonest, in capitals' => [['password' => 'QWERTYUIOP', 'password_confirmation' => 'QWERTYUIOP'], 'password'],
    'one\'s own address' => [['password' => 'Ada@crew.example', 'password_confirmation' => 'Ada@crew.example'], 'password'],
]);

it('signs in and out', function (): void {
    $user = $this->crewMember();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
    $this->post(
        '/sign-in',
        ['email' => 'nobody@crew.example', 'password' => WORDS],
    )->assertSessionHasErrors(['email' => 'No account has this address and password.']);
    $this->assertGuest();
    $this->post('/sign-in', ['email' => $user->email, 'password' => WORDS])->assertRedirect('/houses');
    $this->assertAuthenticatedAs($user);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('slows down whoever guesses passwords', function (): void {
    $user = $this->crewMember();
    for ($i = 0; $i < 5; ++$i) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => "guess $i"])->assertStatus(302);
    }
    $this->post('/sign-in', ['email' => $user->email, 'password' => WORDS])->assertStatus(429);
});

it('resets a password by mail, once, and ends everything that was signed in', function (): void {
    Notification::fake();
    $user = $this->crewMember();
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    $user->createToken('meter', ['readings:send']);
    $this->post('/forgot-password', ['email' => $user->email])->assertSessionHas('status');
    $token = '';
    Notification::assertSentTo($user, ResetPassword::class, function (ResetPassword $mail) use (&$token): bool {
        $token = $mail->token;

        return true;
    });
    $this->get("/reset-password/$token?email={$user->email}")->assertOk();
    $this->get("/reset-password/$token?email[]=x")->assertOk();
    $new = ['token' => $token, 'email' => $user->email, 'password' => 'another long one', 'password_confirmation' => 'another long one'];
    $this->post('/reset-password', $new)->assertRedirect('/sign-in');
    expect(DB::table('sessions')->where('user_id', $user->id)->count())->toBe(0)->and($user->tokens()->count())->toBe(0);
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'another long one'])->assertRedirect('/houses');
    $this->post('/sign-out');
    $this->post('/reset-password', $new)->assertSessionHasErrors('email');
});

it('writes links to where it is served, whatever host was asked for', function (): void {
    Notification::fake();
    $user = $this->crewMember();
    $this->post(
        '/forgot-password',
        ['email' => $user->email],
        ['Host' => 'evil.example', 'X-Forwarded-Host' => 'evil.example'],
    )->assertRedirect();
    Notification::assertSentTo(
        $user,
        ResetPassword::class,
        fn(ResetPassword $mail): bool => str_starts_with(
            $mail->toMail($user)->actionUrl,
            config('app.url'),
        ) && ! str_contains($mail->toMail($user)->actionUrl, 'evil'),
    );
});

it('does not tell whether an address has an account', function (): void {
    Notification::fake();
    $user = $this->crewMember();
    $known = $this->post('/forgot-password', ['email' => $user->email])->getSession()->get('status');
    $unknown = $this->post('/forgot-password', ['email' => 'nobody@crew.example'])->getSession()->get('status');
    expect($unknown)->toBe($known)->not->toBeNull();
});

it('takes as long to refuse an address without an account', function (): void {
    // At the cost it has in service; the tests run at the least there is.
    config(['hashing.bcrypt.rounds' => 10]);
    $user = $this->crewMember();
    $user->forceFill(['password' => WORDS])->save();
    $took = function (string $email): float {
        $times = [];
        for ($try = 0; $try < 4; ++$try) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.$try"]);
            $from = hrtime(true);
            $this->post('/sign-in', ['email' => $email, 'password' => 'wrong words here']);
            $times[] = (hrtime(true) - $from) / 1e6;
        }

        return min($times);
    };
    $took('warm@crew.example');
    [$known, $unknown] = [$took($user->email), $took('nobody@crew.example')];
    expect(abs($known - $unknown) / max($known, $unknown))->toBeLessThan(0.35);
});

it('sets a new password with the one before, and ends all other sessions and tokens', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user);
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    $user->createToken('meter', ['readings:send']);
    $this->put(
        '/account/password',
        ['current' => 'not it', 'password' => 'another long one', 'password_confirmation' => 'another long one'],
    )->assertSessionHasErrors('current');
    expect($user->tokens()->count())->toBe(1);
    $this->put(
        '/account/password',
        ['current' => WORDS, 'password' => 'another long one', 'password_confirmation' => 'another long one'],
    )->assertSessionHasNoErrors();
    expect(DB::table('sessions')->count())->toBe(0)->and($user->tokens()->count())->toBe(0);
});

it('lists where one is signed in, and ends one of them or all others, one\'s own alone', function (): void {
    $user = $this->crewMember();
    $other = $this->crewMember('Bea Other');
    $phone = 'Mozilla/5.0 (Linux; Test 14) Mobile Test/1.0';
    foreach ([['one', $user, $phone], ['two', $user, 'curl'], ['theirs', $other, 'x']] as [$id, $of, $agent]) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $of->id,
            'user_agent' => $agent,
            'payload' => '',
            'last_activity' => time(),
        ]);
    }
    $name = fn(string $id): string => App\Pages\AccountPage::sessionName($id);
    $this->actingAs($user)
        ->get('/account')
        ->assertInertia(
            fn($page) => $page->component('Account')->has('sessions', 2)->where('sessions.0.device', 'A phone: Linux; Test 14'),
        );
    $this->delete("/account/sessions/{$name('theirs')}")->assertRedirect();
    expect(DB::table('sessions')->count())->toBe(3);
    $this->delete("/account/sessions/{$name('one')}")->assertRedirect();
    expect(DB::table('sessions')->pluck('id')->all())->toEqualCanonicalizing(['two', 'theirs']);
    $this->delete('/account/sessions')->assertRedirect();
    expect(DB::table('sessions')->pluck('id')->all())->toBe(['theirs']);
});

it('agrees with the codes of the standard', function (): void {
    // RFC 6238, appendix B: the last six digits, for the secret "12345678901234567890".
    $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
    foreach ([59 => '287082', 1111111109 => '081804', 1234567890 => '005924', 2000000000 => '279037'] as $at => $code) {
        expect(Totp::codes($secret, intdiv($at, 30), 1))->toBe([$code]);
    }
});

it('asks for a second step once it is set up, each code once, and takes a code on paper for a lost phone', function (): void {
    $user = $this->crewMember();
    $this->actingAs($user);
    $secret = $this->postJson('/account/second-step')->assertOk()->json('secret');
    $now = fn(int $later = 0): string => Totp::codes($secret, intdiv(now()->getTimestamp(), 30) + $later, 1)[0];
    $this->postJson('/account/second-step/confirm', ['code' => '000000'])->assertUnprocessable();
    expect($user->fresh()->hasSecondStep())->toBeFalse();
    $codes = $this->postJson('/account/second-step/confirm', ['code' => $now()])->assertOk()->json('codes');
    expect($codes)->toHaveCount(8)->and($user->fresh()->recovery_codes[0])->not->toContain($codes[0]);
    $this->postJson('/account/second-step')->assertUnprocessable();
    $this->post('/sign-out');

    $this->post('/sign-in', ['email' => $user->email, 'password' => WORDS])->assertRedirect('/second-step');
    $this->assertGuest();
    $this->get('/second-step')->assertOk();
    // The one that set it up was used.
    $this->post('/second-step', ['code' => $now()])->assertSessionHasErrors('code');
    $this->post('/second-step', ['code' => $now(1)])->assertRedirect('/houses');
    $this->assertAuthenticated();
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $user->email, 'password' => WORDS]);
    $this->post('/second-step', ['code' => $now(1)])->assertSessionHasErrors('code');
    $this->post('/second-step', ['code' => strtoupper($codes[3])])->assertRedirect('/houses');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => $user->email, 'password' => WORDS]);
    $this->post('/second-step', ['code' => $codes[3]])->assertSessionHasErrors('code');
    expect($user->fresh()->recovery_codes)->toHaveCount(7);

    $this->actingAs($user->fresh());
    $this->travel(2)->minutes();
    $this->deleteJson('/account/second-step', ['password' => 'wrong'])->assertUnprocessable();
    $this->delete('/account/second-step', ['password' => WORDS])->assertRedirect();
    expect($user->fresh()->hasSecondStep())->toBeFalse();
});

it('lets nobody come to the second step without the first', function (): void {
    $this->get('/second-step')->assertRedirect('/sign-in');
    $this->post('/second-step', ['code' => '123456'])->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('carries its headers on every answer, and HSTS by https', function (): void {
    foreach (['/up', '/nowhere', '/sign-in', '/api/readings'] as $path) {
        $this->get($path)
            ->assertHeader('Content-Security-Policy')
            ->assertHeader('X-Content-Type-Options', 'nosniff')
            ->assertHeaderMissing('Strict-Transport-Security');
    }
    $this->get('https://127.0.0.1/up')->assertHeader('Strict-Transport-Security');
});

it('keeps what a form was refused for, whatever a page asks for beside it meanwhile', function (array $headers): void {
    config(['session.driver' => 'database', 'session.encrypt' => false]);
    $refused = null;
    Route::middleware('web')->get('/slow', function (Request $request) use (&$refused): array {
        // While it is at work another request of the same session is refused, and ends first.
        $session = app('session')->driver()->getHandler();
        $now = unserialize((string) $session->read($request->session()->getId()));
        $refused = serialize(['_flash' => ['old' => [], 'new' => ['status']], 'status' => 'Say who amended it.'] + $now);
        $session->write($request->session()->getId(), $refused);
        DB::table('sessions')->update(['last_activity' => time() - 60]);

        return ['done' => true];
    });
    $id = fn(): string => (string) DB::table('sessions')->value('id');
    $this->get('/sign-in')->assertOk();
    $this->withCookie(config('session.cookie'), $id())->get('/slow', $headers)->assertOk();
    $left = DB::table('sessions')->sole();
    expect(base64_decode($left->payload, true))->toBe($refused)->and($left->last_activity)->toBeGreaterThan(time() - 30);
    // What is a page of its own writes it.
    $this->withCookie(config('session.cookie'), $id())->get('/sign-in')->assertOk();
    expect(base64_decode(DB::table('sessions')->sole()->payload, true))->not->toBe($refused);
})->with([[['Accept' => 'application/json']], [['Sec-Fetch-Dest' => 'image']], [['Sec-Fetch-Dest' => 'empty', 'Accept' => 'text/html']]]);

<?php

declare(strict_types=1);

use App\Models\Crew;
use App\Models\User;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\Notification;

const WORDS = 'long enough words';

it('registers a crew and its first member', function (): void {
    $this->post('/register', ['crew' => 'Quill Electric', 'name' => 'Ada Quill', 'email' => 'ada@crew.example', 'password' => WORDS, 'password_confirmation' => WORDS])->assertRedirect('/houses');
    $this->assertAuthenticated();
    expect(User::query()->first()?->crew->name)->toBe('Quill Electric');
});

it('keeps nothing of a registration that is not right', function (array $wrong, string $field): void {
    $this->crewMember();
    $this->post('/register', $wrong + ['crew' => 'C', 'name' => 'N', 'email' => 'n@crew.example', 'password' => WORDS, 'password_confirmation' => WORDS])->assertSessionHasErrors($field);
    expect(Crew::query()->count())->toBe(1)->and(User::query()->count())->toBe(1);
    $this->assertGuest();
})->with([
    'no crew' => [['crew' => ''], 'crew'],
    'no address' => [['email' => 'nobody'], 'email'],
    'an address that is taken' => [['email' => 'ada.quill@crew.example'], 'email'],
    'a short password' => [['password' => 'short', 'password_confirmation' => 'short'], 'password'],
    'two passwords' => [['password_confirmation' => 'other words here'], 'password'],
]);

it('signs in and out', function (): void {
    $user = $this->crewMember();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
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

it('resets a password by mail, once', function (): void {
    Notification::fake();
    $user = $this->crewMember();
    $this->post('/forgot-password', ['email' => $user->email])->assertSessionHas('status');
    $token = '';
    Notification::assertSentTo($user, ResetPassword::class, function (ResetPassword $mail) use (&$token): bool {
        $token = $mail->token;

        return true;
    });
    $this->get("/reset-password/$token?email={$user->email}")->assertOk();
    $new = ['token' => $token, 'email' => $user->email, 'password' => 'another long one', 'password_confirmation' => 'another long one'];
    $this->post('/reset-password', $new)->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'another long one'])->assertRedirect('/houses');
    $this->post('/sign-out');
    $this->post('/reset-password', $new)->assertSessionHasErrors('email');
});

it('does not tell whether an address has an account', function (): void {
    Notification::fake();
    $user = $this->crewMember();
    $known = $this->post('/forgot-password', ['email' => $user->email])->getSession()->get('status');
    $unknown = $this->post('/forgot-password', ['email' => 'nobody@crew.example'])->getSession()->get('status');
    expect($unknown)->toBe($known)->not->toBeNull();
});

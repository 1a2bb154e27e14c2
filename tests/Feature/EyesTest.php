<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

/** Lines of the log that come from now on, as values. */
function logged(): Closure
{
    $file = storage_path('logs/eyes-' . bin2hex(random_bytes(4)) . '.log');
    config(['logging.channels.single.path' => $file, 'logging.default' => 'single']);
    Log::forgetChannel('single');

    return function () use ($file): array {
        $lines = is_file($file) ? array_filter(explode("\n", (string) file_get_contents($file))) : [];
        @unlink($file);

        return array_values(array_map(fn(string $line): array => json_decode($line, true, 512, JSON_THROW_ON_ERROR), $lines));
    };
}

it('numbers each request, in its answer and in the log, and takes the number it was given', function (): void {
    $said = $this->get('/up')->headers->get('X-Request-Id');
    expect($said)->toMatch('/^[0-9A-Z]{26}$/')
        ->and($this->get('/up', ['X-Request-Id' => 'from-the-proxy-1'])->headers->get('X-Request-Id'))->toBe('from-the-proxy-1')
        ->and($this->get('/up', ['X-Request-Id' => '"; drop'])->headers->get('X-Request-Id'))->toMatch('/^[0-9A-Z]{26}$/');
});

it('notes a slow request by its house and revision, and nothing of what is in it', function (): void {
    $house = $this->demoHouseOf($user = $this->crewMember());
    config(['eyes.slow_ms' => 0]);
    $lines = logged();
    $answer = $this->actingAs($user)->postJson("/houses/{$house->id}/outlets/g2/notes", ['text' => 'The key is under the pot']);
    [$line] = array_values(array_filter($lines(), fn(array $one): bool => str_starts_with($one['message'], 'A slow request')));
    expect($line['context'])->toMatchArray([
        'request' => $answer->headers->get('X-Request-Id'), 'house' => $house->id, 'revision' => 1,
    ])->and($line['context']['route'])->toStartWith('POST houses/{house}/')
        ->and(json_encode($line))->not->toContain('under the pot');
});

it('logs a query that failed without what was put into it', function (): void {
    Route::get('/asks-wrongly', fn() => User::query()->where('no_such_column', 'ada.quill@crew.example')->get());
    $lines = logged();
    $this->getJson('/asks-wrongly')->assertServerError();
    $said = json_encode($lines());
    expect($said)->toContain('A query failed', 'no_such_column')->not->toContain('ada.quill');
});

it('counts requests by route and time for who has the token, and for nobody else', function (): void {
    $this->get('/metrics')->assertUnauthorized();
    config(['eyes.metrics_token' => 'a-long-enough-token']);
    $this->get('/metrics', ['Authorization' => 'Bearer another'])->assertUnauthorized();
    $house = $this->demoHouseOf($user = $this->crewMember());
    $this->actingAs($user)->getJson("/houses/{$house->id}/sheet")->assertOk();
    $text = $this->get('/metrics', ['Authorization' => 'Bearer a-long-enough-token'])->assertOk()->getContent();
    expect($text)->toMatch('/^bouclier_requests_total\{route="houses\/\{house\}\/sheet",status="2xx"\} [1-9]/m')
        ->toMatch('/^bouclier_request_seconds_bucket\{le="\+Inf"\} [1-9]/m')
        ->toMatch('/^# TYPE bouclier_request_seconds histogram$/m')
        ->toMatch('/^bouclier_queue_waiting 0$/m')
        ->not->toContain($house->id);
});

it('asks a crew that goes wild to wait, and no other crew', function (): void {
    config(['crews.requests_a_minute' => 3]);
    $user = $this->crewMember();
    $other = $this->crewMember('Ben Reed');
    $tries = fn(User $as): array => array_map(fn(): int => $this->actingAs($as)->getJson('/houses')->status(), range(1, 4));
    expect($tries($user))->toBe([200, 200, 200, 429])->and($tries($other))->toBe([200, 200, 200, 429]);
});

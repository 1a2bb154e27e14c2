<?php

declare(strict_types=1);

use App\Models\Invitation;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route;

it('says of a database that is away that nothing is lost, and when to ask again', function (string $message, bool $isAway): void {
    Route::get('/asks-the-database', fn() => throw new PDOException($message));
    $page = $this->get('/asks-the-database')->assertStatus($isAway ? 503 : 500);
    $json = $this->getJson('/asks-the-database')->assertStatus($isAway ? 503 : 500);
    if ($isAway) {
        $page->assertHeader('Retry-After', '3')->assertSee('Nothing is lost')->assertSee('http-equiv="refresh"', false);
        $json->assertHeader('Retry-After', '3')->assertJsonPath('message', 'The database is away. Nothing is lost; trying again.');
    }
})->with([
    ['SQLSTATE[HY000] [2002] Connection refused', true],
    ['SQLSTATE[HY000] [2002] No such file or directory', true],
    ['SQLSTATE[HY000]: General error: 2006 MySQL server has gone away', true],
    ['SQLSTATE[HY000]: General error: 2013 Lost connection to MySQL server during query', true],
    ['SQLSTATE[HY000]: General error: 1290 The MariaDB server is running with the --read-only option', true],
    ['SQLSTATE[42S02]: Base table or view not found: 1146', false],
]);

it('tells by /up what answers, and what somebody has to look after', function (): void {
    config(['queue.default' => 'database']);
    $file = config('filesystems.disks.local.root') . '/backed-up-at';
    @unlink($file);
    $up = fn(): array => $this->getJson('/up')->assertOk()->json();
    expect($up())->toMatchArray([
        'up' => true, 'database' => 'answers', 'servers' => [], 'backup' => null,
        'queue' => ['waiting' => 0, 'oldestSeconds' => 0, 'workerSeconds' => null],
        'attention' => [
            'no worker is at the queue of mail: it does not go out',
            'no worker is at the queue of what is worked out beside requests',
            'there is no backup of the last two days',
        ],
    ])->and($up()['disk']['freePercent'])->toBeBetween(0, 100);
    Event::dispatch(new Looping('database', 'default'));
    expect($up()['attention'])->toContain('no worker is at the queue of mail: it does not go out')->toHaveCount(2)
        ->and($up()['queue']['workerSeconds'])->toBeNull();
    Event::dispatch(new Looping('database', 'mail,default'));
    File::ensureDirectoryExists(dirname($file));
    file_put_contents($file, gmdate('Y-m-d\TH:i:s\Z', time() - 3 * 3600));
    $job = ['queue' => 'mail', 'payload' => '{}', 'attempts' => 0];
    DB::table('jobs')->insert($job + ['available_at' => time() - 400, 'created_at' => time()]);
    $now = $up();
    expect($now)->toMatchArray(['backup' => ['hours' => 3], 'attention' => ['the queue does not come along']])
        ->and($now['queue']['waiting'])->toBe(1)->and($now['queue']['oldestSeconds'])->toBeGreaterThan(390)
        ->and($now['queue']['workerSeconds'])->toBeLessThan(10);
    unlink($file);
});

it('sends mail by the queue, sealed there, and says nothing more of it', function (): void {
    config(['queue.default' => 'database']);
    $owner = $this->crewMember();
    $this->actingAs($owner)->post('/invitations', ['email' => 'new@crew.example', 'role' => 'electrician'])->assertRedirect();
    $state = fn(): string => Invitation::query()->sole()->mail();
    $job = DB::table('jobs')->sole();
    expect($job->queue)->toBe('mail')->and($job->payload)->not->toContain('new@crew.example', '/invitations/')
        ->and($state())->toBe('waits');
    $work = fn() => $this->artisan('queue:work', ['--queue' => 'mail,default', '--stop-when-empty' => true])->run();
    $work();
    // A worker that died before it said that it was done does it again.
    DB::table('jobs')->insert(['id' => null, 'reserved_at' => null, 'attempts' => 0] + (array) $job);
    $work();
    $sent = Mail::mailer()->getSymfonyTransport()->messages()->map(fn($one): string => $one->toString());
    expect(DB::table('jobs')->count())->toBe(0)->and($sent)->toHaveCount(1)
        ->and($sent[0])->toContain('To: new@crew.example', '/invitations/')->and($state())->toBe('sent');
});

it('says of a mail that does not go out, when it was tried often enough, and forgets one that is not wanted any more', function (): void {
    config(['queue.default' => 'database', 'mail.default' => 'smtp', 'mail.mailers.smtp' => [
        'transport' => 'smtp', 'host' => '127.0.0.1', 'port' => 9,
    ]]);
    $owner = $this->crewMember();
    $this->actingAs($owner)->post('/invitations', ['email' => 'new@crew.example', 'role' => 'electrician'])->assertRedirect();
    for ($try = 1; $try <= 5; ++$try) {
        expect($this->get('/people')->viewData('page')['props']['invitations'][0]['mail'])->toBe('waits');
        DB::table('jobs')->update(['available_at' => 0]);
        $this->artisan('queue:work', ['--queue' => 'mail', '--once' => true])->run();
    }
    expect($this->get('/people')->viewData('page')['props']['invitations'][0]['mail'])->toBe('failed')
        ->and(DB::table('failed_jobs')->count())->toBe(1);
    $this->post('/invitations', ['email' => 'other@crew.example', 'role' => 'electrician'])->assertRedirect();
    Invitation::query()->delete();
    $this->artisan('queue:work', ['--queue' => 'mail', '--once' => true])->run();
    expect(DB::table('jobs')->count())->toBe(0)->and(DB::table('failed_jobs')->count())->toBe(1);
});

it('takes for a fault what nobody asked for and is not there', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    Illuminate\Support\Facades\Route::middleware('web')->get(
        '/tried/{point}',
        fn() => throw new Bouclier\Core\House\NotThere('point', 'k99'),
    );
    $this->getJson('/tried/k99')->assertNotFound()->assertJsonPath('message', 'No point "k99" in this house.');
    $this->getJson('/tried/k1')->assertServerError();
});

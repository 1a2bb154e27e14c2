<?php

declare(strict_types=1);

use App\Databases\OnlyReading;
use App\Databases\Replica;
use App\Databases\ServerConnector;
use App\Databases\ServerList;
use Illuminate\Support\Facades\DB;

// Nobody listens at the first two: what several databases do together is tried in tests/breaking.sh and tests/deploy.sh.

function severalServers(string $hosts): array
{
    return ['host' => $hosts, 'unix_socket' => ''] + config()->array('database.connections.mariadb');
}

it('passes by what is away, and takes the database that takes changes', function (): void {
    $server = app(ServerConnector::class)->connect(severalServers('127.0.0.91,127.0.0.92,127.0.0.1'));
    expect($server->query('select @@global.read_only')->fetchColumn())->toEqual(0);
});

it('says that none takes changes, or is a copy, as of a database that is away', function (array $more): void {
    expect(fn() => app(ServerConnector::class)->connect($more + severalServers($more['hosts'])))->toThrow(PDOException::class, '[2002]');
})->with([
    [['hosts' => '127.0.0.91,127.0.0.92']],
    [['hosts' => '127.0.0.91,127.0.0.1', 'copies' => true]],
]);

it('reads where changes are taken as long as no copy has all of them', function (): void {
    expect(Replica::reading(fn(): string => DB::getDefaultConnection()))->toBe('mariadb');
    config(['database.connections.replica' => ['copies' => true] + severalServers('127.0.0.91,127.0.0.1')]);
    expect(Replica::reading(fn(): string => DB::getDefaultConnection()))->toBe('mariadb');
});

it('shows pages and keeps nothing while only a copy answers, and says so', function (): void {
    config(['session.driver' => 'database']);
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    app(OnlyReading::class)->begin();
    $sessions = DB::table('sessions')->count();
    $this->actingAs($owner)->get('/houses')->assertOk()->assertInertia(fn($page) => $page->where('onlyReading', true)->has('houses', 1));
    $this->get("/houses/{$house->id}")->assertOk();
    expect(DB::table('sessions')->count())->toBe($sessions);
    $this->getJson('/up')->assertStatus(503)->assertJsonPath('database', 'only reads')
        ->assertJsonPath('attention.0', 'no database takes changes: deploy/promote puts another in its place');
});

it('begins to only read for what looks, never for what changes', function (string $method, bool $may): void {
    $reading = new OnlyReading();
    app()->instance('request', Illuminate\Http\Request::create('/houses', $method));
    $console = new ReflectionProperty(app(), 'isRunningInConsole');
    $console->setValue(app(), false);
    expect($reading->mayBegin())->toBe($may);
    $console->setValue(app(), true);
    expect($reading->mayBegin())->toBeFalse();
})->with([['GET', true], ['HEAD', true], ['POST', false], ['DELETE', false]]);

it('passes by a server that takes the connection and says nothing, and tells of it by /up', function (): void {
    $port = config('database.connections.mariadb.port');
    $silent = stream_socket_server("tcp://127.0.0.93:$port");
    $began = microtime(true);
    $several = severalServers('127.0.0.93,127.0.0.1');
    $server = app(ServerConnector::class)->connect($several);
    config(['database.connections.mariadb' => $several]);
    expect($server->query('select 1')->fetchColumn())->toEqual(1)->and(array_column(ServerList::now(), 'stands', 'server'))
        ->toBe(['127.0.0.93' => 'away', '127.0.0.1' => 'takes changes alone'])
        ->and(microtime(true) - $began)->toBeLessThan(8.0);
    fclose($silent);
});

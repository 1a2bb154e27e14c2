<?php

declare(strict_types=1);

// Run by growth.sh, which says what it is. Arguments: houses, crews.

use App\Actions\CreateHouse;
use App\Models\Crew;
use App\Models\House;
use App\Models\User;
use Bouclier\Core\Exchange\HouseReader;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/houses.php';

const OWN_HOUSES = 10;
const OUTLETS = 60;
const RUNS = 120;

$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$app->instance('request', Request::create('/'));
$kernel->bootstrap();
[, $houses, $crews] = array_map(intval(...), [...$argv, 1 => $argv[1] ?? 100000, 2 => $argv[2] ?? 1000]);
foreach (['ten', 'many'] as $name) {
    config(["database.connections.$name" => ['database' => "bouclier_$name"] + config('database.connections.mariadb')]);
}
config(['session.driver' => 'array', 'queue.default' => 'sync', 'calls.think_ahead' => false, 'crews.requests_a_minute' => 1_000_000]);

/** The crew that is measured has ten houses of sixty outlets in both. */
foreach (['ten', 'many'] as $name) {
    DB::setDefaultConnection($name);
    $crew = Crew::query()->where('name', 'Tallow & Daughter')->sole();
    for ($has = House::query()->where('crew_id', $crew->id)->count(); $has < OWN_HOUSES; ++$has) {
        $app->make(CreateHouse::class)($crew, (new HouseReader())->fromJson(json_encode(benchHouse(OUTLETS), JSON_THROW_ON_ERROR)));
    }
}
multiply(DB::connection('many'), $houses, $crews);

/** @var array<string, list<array{string, list<mixed>}>> $asked the queries of each thing asked, where there are many */
$asked = [];
$noting = null;
DB::listen(function (QueryExecuted $query) use (&$asked, &$noting): void {
    if ($noting !== null && str_starts_with($query->sql, 'select')) {
        $asked[$noting][$query->sql] = [$query->sql, $query->bindings];
    }
});
$user = $house = [];
foreach (['ten', 'many'] as $name) {
    DB::setDefaultConnection($name);
    $user[$name] = User::query()->where('email', 'rosa@demo.example')->sole()->id;
    $house[$name] = House::query()->where('name', 'like', 'Bench%')->orderBy('id')
        ->whereIn('crew_id', Crew::query()->where('name', 'Tallow & Daughter')->select('id'))->value('id');
}
$number = 0;
$things = [
    'list' => fn(string $name): array => ['GET', '/houses', []],
    'list, looked for' => fn(string $name): array => ['GET', '/houses?q=bench&order=name', []],
    'page' => fn(string $name): array => ['GET', "/houses/{$house[$name]}", []],
    'trips' => fn(string $name): array => ['GET', "/houses/{$house[$name]}/call/sheet", []],
    'keep' => fn(string $name): array => ['GET', '/keep', []],
    'save' => function (string $name) use ($house, &$number): array {
        ++$number;

        return ['POST', "/houses/{$house[$name]}/outlets/p1/notes", ['text' => "Note $number"]];
    },
];
$ask = function (string $name, string $method, string $path, array $body) use ($app, $kernel, $user): void {
    DB::setDefaultConnection($name);
    $app['auth']->forgetGuards();
    $app->forgetInstance('session');
    $app['auth']->guard('web')->setUser(User::query()->with('crew')->findOrFail($user[$name]));
    $content = $method === 'GET' ? null : json_encode($body, JSON_THROW_ON_ERROR);
    $request = Request::create(config('app.url') . $path, $method, content: $content);
    $request->headers->set('Accept', $method === 'GET' && ! str_contains($path, 'sheet') ? 'text/html' : 'application/json');
    $request->headers->set('Content-Type', 'application/json');
    $response = $kernel->handle($request);
    if ($response->getStatusCode() !== 200) {
        throw new RuntimeException("$method $path: {$response->getStatusCode()} " . ($response->exception?->getMessage() ?? ''));
    }
};
$at = function (array $times, float $share): float {
    sort($times);

    return $times[(int) min(count($times) - 1, floor(count($times) * $share))];
};
printf("%d houses of %d crews beside the ten; %d turns each, in turn\n\n", $houses, $crews, RUNS);
printf("%-18s %20s %20s %10s %10s\n", '', 'ten: median, p95 ms', 'many: median, p95 ms', 'p95 ratio', 'peak MB');
foreach ($things as $thing => $of) {
    $times = ['ten' => [], 'many' => []];
    $peak = 0;
    for ($run = -5; $run < RUNS; ++$run) {
        // Which of the two is first changes from turn to turn.
        foreach ($run % 2 === 0 ? ['ten', 'many'] : ['many', 'ten'] as $name) {
            [$method, $path, $body] = $of($name);
            $noting = $name === 'many' && $run < 0 ? $thing : null;
            memory_reset_peak_usage();
            $before = memory_get_usage();
            $began = hrtime(true);
            $ask($name, $method, $path, $body);
            $took = (hrtime(true) - $began) / 1e6;
            $noting = null;
            if ($run >= 0) {
                $times[$name][] = $took;
                $peak = max($peak, $name === 'many' ? memory_get_peak_usage() - $before : 0);
            }
        }
    }
    printf(
        "%-18s %12.1f %7.1f %12.1f %7.1f %10.2f %10.1f\n",
        $thing,
        $at($times['ten'], 0.5),
        $at($times['ten'], 0.95),
        $at($times['many'], 0.5),
        $at($times['many'], 0.95),
        $at($times['many'], 0.95) / $at($times['ten'], 0.95),
        $peak / 1e6,
    );
}

echo "\nHow the queries are planned where there are many, by thing asked: the table, how it is read, by which index, rows looked at\n";
$whole = 0;
foreach ($asked as $thing => $queries) {
    $plans = [];
    foreach ($queries as [$sql, $bindings]) {
        foreach (DB::connection('many')->select("explain $sql", $bindings) as $step) {
            if ($step->table !== null) {
                $plans["$step->table, $step->type, " . ($step->key ?? 'no index') . ", $step->rows"] = true;
                $whole += $step->type === 'ALL' && $step->rows > 1000 ? 1 : 0;
            }
        }
    }
    echo "$thing: ", implode('; ', array_keys($plans)), "\n";
}
echo $whole === 0 ? "No table is read whole.\n" : "$whole tables are read whole.\n";
exit($whole === 0 ? 0 : 1);

/**
 * Houses of twelve outlets of other crews, as many as are missing: one is made by the application, and its rows are said again under other
 * ids.
 */
function multiply(Connection $many, int $houses, int $crews): void
{
    DB::setDefaultConnection('many');
    $first = Crew::query()->firstOrCreate(['name' => 'The pattern']);
    $pattern = House::query()->where('crew_id', $first->id)->value('id') ?? app(CreateHouse::class)(
        $first,
        (new HouseReader())->fromJson(json_encode(benchHouse(12) + ['records' => ['notes' => array_map(
            fn(int $note): array => ['id' => "n$note", 'point' => 'p1', 'text' => "Note $note"],
            range(1, 5),
        )]], JSON_THROW_ON_ERROR)),
    )->id;
    $database = $many->getDatabaseName();
    $tables = $many->select(
        "select distinct table_name as name from information_schema.columns where table_schema = ? and column_name = 'house_id' "
            . "and table_name not in ('hunts', 'outside_links', 'invitations', 'meter_readings')",
        [$database],
    );
    $many->statement('set foreign_key_checks = 0, unique_checks = 0');
    foreach (range(1, $crews) as $number) {
        $id = sprintf('%08dCREW00000000000000', $number);
        $many->table('crews')->insertOrIgnore(['id' => $id, 'name' => "Crew $number", 'created_at' => now(), 'updated_at' => now()]);
        $many->table('users')->insertOrIgnore([
            'id' => $id, 'crew_id' => $id, 'name' => "Person $number", 'email' => "person-$number@crews.example", 'password' => 'none',
            'created_at' => now(), 'updated_at' => now(),
        ]);
    }
    // The distances hang on points alone.
    $all = [['houses', 'id'], ...array_map(fn(object $table): array => [$table->name, 'house_id'], $tables), ['distances', null]];
    for ($from = $many->table('houses')->count(); $from <= $houses; $from = $to + 1) {
        $to = min($houses, $from + 2499);
        $many->beginTransaction();
        foreach ($all as [$table, $house]) {
            $columns = $many->select(
                'select column_name as name, column_type as type from information_schema.columns where table_schema = ? and table_name = ? '
                    . "and coalesce(generation_expression, '') = ''",
                [$database, $table],
            );
            $names = array_map(fn(object $column): string => "`$column->name`", $columns);
            $said = array_map(fn(object $column): string => match (true) {
                $column->name === 'crew_id' => "concat(lpad(1 + s.seq % $crews, 8, '0'), 'CREW00000000000000')",
                $column->name === 'user_id' => 'null',
                $column->type === 'char(26)' => "if(t.`$column->name` is null, null, "
                    . "concat(lpad(s.seq, 8, '0'), substr(t.`$column->name`, 9)))",
                $table === 'houses' && $column->name === 'name' => "concat('House ', s.seq)",
                default => "t.`$column->name`",
            }, $columns);
            $of = $house === null ? "t.point_id in (select id from points where house_id = '$pattern')" : "t.`$house` = '$pattern'";
            $many->statement(
                "insert into `$table` (" . implode(', ', $names) . ') select ' . implode(', ', $said)
                    . " from seq_{$from}_to_{$to} s join `$table` t where $of",
            );
        }
        $many->commit();
    }
    $many->statement('set foreign_key_checks = 1, unique_checks = 1');
    $many->statement('analyze table ' . implode(', ', array_map(fn(array $table): string => "`$table[0]`", $all)));
}

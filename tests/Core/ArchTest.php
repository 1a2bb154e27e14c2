<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseSchema;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\HouseChecks;
use Tests\Core\Layers;
use Tests\PageTypes;

arch('everything is strict')->expect(['Bouclier\Core', 'Bouclier\Sheets', 'Bouclier\Engine', 'App', 'Database'])
    ->toUseStrictTypes();

arch('the core, what pages show of it and the engine know no framework')
    ->expect(['Bouclier\Core', 'Bouclier\Sheets', 'Bouclier\Engine'])->not
    ->toUse(['Illuminate', 'Laravel', 'Inertia', 'Symfony', 'App', 'Carbon']);

arch('the core uses the schema validator in one place')->expect('Opis')->toOnlyBeUsedIn('Bouclier\Core\Exchange');

arch('the core does no input or output')->expect([
    'file_get_contents', 'file_put_contents', 'fopen', 'fwrite', 'fread', 'file', 'readfile', 'unlink', 'mkdir', 'scandir', 'glob', 'touch',
    'printf', 'print_r', 'var_dump', 'error_log', 'header', 'curl_init', 'fsockopen', 'stream_socket_client', 'exec', 'shell_exec',
    'system', 'proc_open', 'popen',
    'getenv', 'putenv', 'time', 'microtime', 'date', 'mail', 'session_start', 'rand', 'mt_rand', 'random_int',
])->not->toBeUsedIn(['Bouclier\Core', 'Bouclier\Sheets', 'Bouclier\Engine']);

it('makes a house of closed, immutable values', function (): void {
    foreach (glob(__DIR__ . '/../../core/House/{,Entries/}*.php', GLOB_BRACE) ?: [] as $file) {
        $below = str_contains($file, '/Entries/') ? 'Entries\\' : '';
        $name = 'Bouclier\\Core\\House\\' . $below . basename($file, '.php');
        if (class_exists($name) && ! enum_exists($name) && $name !== HouseChecks::class && ! is_subclass_of($name, Throwable::class)) {
            expect((new ReflectionClass($name))->isReadOnly())->toBeTrue($name)
                ->and((new ReflectionClass($name))->isFinal())->toBeTrue($name);
        }
    }
});

arch('lists of choices are enums with words for them')->expect('Bouclier\Core\House')->enums()->toImplement(Choice::class);

arch('rules of the job are the core\'s: a controller reaches the code book only through sheets')
    ->expect('Bouclier\Core\CodeBook')->not
    ->toBeUsedIn(['App\Http\Controllers', 'App\Models', 'App\Persistence', 'App\Policies']);

arch('Eloquent maps rows and nothing else')->expect('App\Models')->not->toUse('Bouclier\Core');

it('reads editions in their order: none is compared with alone, and no table answers for one it does not name', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(__DIR__ . '/../../core', FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        $code = (string) file_get_contents((string) $file);
        if (
            preg_match(
                '/[!=]== (self|Edition)::[NC]ec\d|\[Edition::Nec\d+\]|\[Edition::Nec\d+, |match \(\$edition\) \{[^}]*default =>/',
                $code,
            ) === 1
            && basename((string) $file) !== 'Edition.php'
        ) {
            $found[] = (string) $file;
        }
    }
    expect($found)->toBe([]);
});

it('knows which edition comes before which, of one code', function (): void {
    expect(Edition::Nec2020->isFrom(Edition::Nec2020))->toBeTrue()->and(Edition::Nec2023->isFrom(Edition::Nec2020))->toBeTrue()
        ->and(Edition::Nec2017->isFrom(Edition::Nec2020))->toBeFalse()->and(Edition::Cec2021->isFrom(Edition::Nec2014))->toBeFalse()
        ->and(Edition::Nec2017->isBefore(Edition::Nec2020))->toBeTrue()->and(Edition::Nec2020->isBefore(Edition::Nec2020))->toBeFalse()
        ->and(Edition::Cec2021->isBefore(Edition::Nec2023))->toBeFalse();
});

it('has no line over 140 characters', function (): void {
    $root = dirname(__DIR__, 2);
    $files = ["$root/README.md"];
    $folders = ['app', 'bootstrap', 'config', 'core', 'database', 'docs', 'engine', 'resources/js', 'routes', 'sheets', 'tests'];
    foreach ($folders as $folder) {
        $there = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS));
        array_push($files, ...array_map(strval(...), iterator_to_array($there, false)));
    }
    $long = [];
    foreach ($files as $file) {
        $path = substr($file, strlen($root) + 1);
        if (
            preg_match('/\.(php|tsx?|md)$/', $path) !== 1
            || str_starts_with($path, 'bootstrap/cache/')
            || str_ends_with($path, 'house-file.d.ts')
        ) {
            continue;
        }
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            if (mb_strlen($line) > 140) {
                $long[] = "$path:" . ($i + 1);
            }
        }
    }
    expect($long)->toBe([]);
});

it('reads every key of the format: what nobody reads yet waits here for its reader by name', function (): void {
    $code = '';
    foreach (['core', 'sheets', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/$folder", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            $code .= (string) file_get_contents((string) $file);
        }
    }
    $unread = [];
    foreach (HouseSchema::SECTIONS as $section) {
        $isRead = str_contains($code, "sections['$section']");
        $unread = [...$unread, ...($isRead ? [] : [$section])];
    }
    foreach (glob(dirname(__DIR__, 2) . '/core/House/{,Entries/}*.php', GLOB_BRACE) ?: [] as $file) {
        $below = str_contains($file, '/Entries/') ? 'Entries\\' : '';
        $class = 'Bouclier\\Core\\House\\' . $below . basename($file, '.php');
        foreach (class_exists($class) ? (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] : [] as $key) {
            if ($key->isPromoted() && preg_match("/->{$key->getName()}\\b/", $code) === 0) {
                $unread[] = basename($file, '.php') . '.' . $key->getName();
            }
        }
    }
    expect($unread)->toBe([
        'Connector.wires', // what a connector is listed for
    ]);
});

it('is built in layers: no import leads up, so there is no circle', function (): void {
    $layers = new Layers();
    expect(array_keys($layers->arrows()))->toBe(Layers::ORDER)->and($layers->upward())->toBe([]);
});

it('has the file in its decoded form at its edge alone', function (): void {
    expect((new Layers())->untyped())->toBe([]);
});

it('names no single action or fault outside their folders, but where its meaning is just that', function (): void {
    // Each with what it cannot be said without.
    $allowed = [
        'Diagnose/Course.php' => ['Intermittent'], // what comes and goes is followed as one cause that may show or not
        // what was read and turned elsewhere, as the tests it is
        'Diagnose/Evidence.php' => ['Breaker', 'Clamp', 'PressTest', 'Tester', 'Volts'],
        'Diagnose/HouseholderAnswers.php' => ['Reset', 'UnplugAll'], // what somebody tells on the phone to have done
        'Diagnose/Hypotheses.php' => ['Open'], // what is not fed is as good as open
        'Diagnose/OpenCall.php' => ['Breaker'], // a breaker turned in a test is turned in the live bar
        'Diagnose/RecordedWrong.php' => ['Open', 'SplitPair'], // what a house file records in other words
        // what somebody did who calls: would not reset, would not trip, had running
        'Diagnose/SymptomFit.php' => ['PressTest', 'Reset', 'SwitchOn', 'TesterButton'],
        'Diagnose/Undrawn.php' => ['Leak', 'NeutralGround', 'Short'], // what may hang where nothing is drawn
        'Diagnose/Words/Corrections.php' => ['Reset', 'Tester', 'TesterButton'], // beliefs about just these that mislead
        'Exchange/DiagnosisWriter.php' => ['Intermittent'], // as a house file writes what comes and goes
        'Live/Sightings.php' => ['Tester'], // lamps that are filed without a test
    ];
    $named = (new Layers())->singleKinds();
    expect($named)->toBe($allowed)->and(count($allowed))->toBeLessThanOrEqual(12);
});

it('has one name for one thing: two classes of one name are two sections of a code, or a check and what it looks for', function (): void {
    $core = dirname(__DIR__, 2) . '/core/';
    $named = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core, FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr((string) $file, strlen($core));
        if (preg_match('~^CodeBook/(Nec|Cec|Checks)/~', $path) !== 1) {
            $named[basename($path)][] = dirname($path);
        }
    }
    // The list of kinds stands in the folder of the kinds.
    expect(array_filter($named, fn(array $folders): bool => count($folders) > 1))->toBe(['Kinds.php' => ['Actions', 'Faults']]);
});

it('echoes nothing from the core', function (): void {
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(__DIR__ . '/../../core', FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        $tokens = array_filter(
            PhpToken::tokenize((string) file_get_contents((string) $file)),
            fn(PhpToken $t): bool => $t->is([T_ECHO, T_PRINT, T_INLINE_HTML, T_EXIT, T_INCLUDE, T_REQUIRE, T_REQUIRE_ONCE, T_EVAL]),
        );
        expect($tokens)->toBe([], (string) $file);
    }
});

arch('a controller knows no other')->expect('App\Http\Controllers')->not
    ->toBeUsedIn(['App\Http\Controllers', 'App\Actions', 'App\Pages', 'App\Http\Requests']);

it('sends pages what their TypeScript says', function (): void {
    expect(file_get_contents(PageTypes::root() . '/' . PageTypes::FILE))->toBe((new PageTypes())->typescript(), 'bin/page-types writes it');
});

it('asks nothing of a request in a controller', function (): void {
    $asking = [];
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/app/Http/Controllers', FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        if (str_contains((string) file_get_contents((string) $file), '->validate(')) {
            $asking[] = (string) $file;
        }
    }
    expect($asking)->toBe([]);
});

it('has one function of a name in the tests: they are read together', function (): void {
    $named = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__), FilesystemIterator::SKIP_DOTS)) as $file) {
        if (str_ends_with((string) $file, 'Test.php')) {
            preg_match_all('/^function (\w+)\(/m', (string) file_get_contents((string) $file), $found);
            array_push($named, ...$found[1]);
        }
    }
    expect(array_keys(array_filter(array_count_values($named), fn(int $times): bool => $times > 1)))->toBe([]);
});

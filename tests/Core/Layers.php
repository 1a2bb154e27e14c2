<?php

declare(strict_types=1);

namespace Tests\Core;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Faults\Fault;

/** How core is built: which folder uses which, who names a single kind, where the file's own form is handled. `bin/layers` prints it. */
final class Layers
{
    /** From the bottom up; a folder may use those before it. */
    public const ORDER = [
        'House', 'Feed', 'Network', 'Faults', 'Actions', 'CodeBook', 'Live', 'Box', 'Prove', 'Keep', 'Diagnose', 'Plan', 'Exchange',
        'Survey', 'Scope', 'Papers', 'Change', 'Practice', 'CommandLine',
    ];

    /** Folders and files where a house has the form of its file: read, written, patched, printed. */
    private const EDGE = [
        'Exchange/', 'CommandLine/', 'Change/HouseDocument.php', 'Change/PartChange.php', 'Change/Patch.php', 'Change/Summary.php',
        'Change/Clash.php', 'Change/HouseDifference.php', 'Change/Patched.php', 'Change/TurnedBack.php', 'Change/Commands/Edit.php',
    ];

    /** @var array<string, string> what each file says, by its name below core */
    private array $files = [];

    public function __construct()
    {
        $core = dirname(__DIR__, 2) . '/core/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($core, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $this->files[substr((string) $file, strlen($core))] = (string) file_get_contents((string) $file);
        }
        ksort($this->files);
    }

    /** @return array<string, array<int>> how many files of a folder use another, by the folder and the other */
    public function arrows(): array
    {
        $arrows = array_fill_keys(self::ORDER, []);
        foreach ($this->files as $name => $code) {
            $from = explode('/', $name)[0];
            foreach (array_unique(array_column(self::imports($code), 1)) as $to) {
                if ($to !== $from) {
                    $arrows[$from][$to] = ($arrows[$from][$to] ?? 0) + 1;
                }
            }
        }

        return $arrows;
    }

    /** @return list<string> imports that lead up */
    public function upward(): array
    {
        $place = array_flip(self::ORDER);
        $upward = [];
        foreach ($this->files as $name => $code) {
            foreach (self::imports($code) as [$import, $to]) {
                if (($place[$to] ?? PHP_INT_MAX) > ($place[explode('/', $name)[0]] ?? -1)) {
                    $upward[] = "$name uses $import";
                }
            }
        }

        return $upward;
    }

    /** @return array<list<string>> single actions and faults that are named outside their folders, by file */
    public function singleKinds(): array
    {
        $named = [];
        foreach ($this->files as $name => $code) {
            preg_match_all('/^use (Bouclier\\\\Core\\\\(?:Actions|Faults)\\\\(\w+));/m', $code, $used, PREG_SET_ORDER);
            foreach (preg_match('~^(Actions|Faults)/~', $name) === 1 ? [] : $used as [, $class, $kind]) {
                $isKind = is_subclass_of($class, Action::class) || is_subclass_of($class, Fault::class);
                if ($isKind && ! (new \ReflectionClass($class))->isAbstract()) {
                    $named[$name][] = $kind;
                }
            }
        }

        return $named;
    }

    /** @return list<string> files beyond the edge that handle decoded JSON */
    public function untyped(): array
    {
        $isInner = fn(string $name): bool => array_filter(self::EDGE, fn(string $edge): bool => str_starts_with($name, $edge)) === [];
        $untyped = array_filter($this->files, fn(string $code): bool => str_contains($code, 'stdClass'));

        return array_values(array_filter(array_keys($untyped), $isInner));
    }

    /** @return list<array{string, string}> each import of a file, with its folder */
    private static function imports(string $code): array
    {
        preg_match_all('/\bBouclier\\\\Core\\\\(\w+)\\\\[\w\\\\]+/', $code, $used, PREG_SET_ORDER);

        return array_map(fn(array $one): array => [$one[0], $one[1]], $used);
    }
}

<?php

declare(strict_types=1);

/**
 * Holds what Composer installed against the checked list: every package of the whole tree by name, version and the sum of its content, whatever the registry
 * sent. `--write` makes the list and the pins anew, after somebody changed a version on purpose.
 */

$root = dirname(__DIR__);
$list = "$root/packages/composer.sums";
$pins = "$root/packages/pins/composer.json";

/** @var array{packages: list<array{name: string, version: string, 'install-path': string}>} $installed */
$installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true, flags: JSON_THROW_ON_ERROR);
$sums = [];
foreach ($installed['packages'] as $package) {
    // Our own pins have no content.
    if ($package['name'] !== 'bouclier/pins') {
        $sums[$package['name']] = $package['version'] . ' ' . contentSum("$root/vendor/composer/{$package['install-path']}");
    }
}
ksort($sums);

if (in_array('--write', $argv, true)) {
    file_put_contents($list, implode("\n", array_map(fn(string $name, string $sum): string => "$name $sum", array_keys($sums), $sums)) . "\n");
    $versions = array_map(fn(string $sum): string => ltrim(explode(' ', $sum)[0], 'v'), $sums);
    file_put_contents($pins, json_encode([
        'name' => 'bouclier/pins',
        'description' => 'Every package of the whole tree at the version that was checked. Written by bin/check-packages.php --write.',
        'type' => 'metapackage',
        'version' => '1.0.0',
        'require' => $versions,
    ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n");
    exit(0);
}

$expected = [];
foreach (file($list, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$name, $rest] = explode(' ', $line, 2);
    $expected[$name] = $rest;
}
$wrong = array_merge(
    array_map(fn(string $name): string => "$name is installed and not in the list", array_keys(array_diff_key($sums, $expected))),
    array_map(fn(string $name): string => "$name is in the list and not installed", array_keys(array_diff_key($expected, $sums))),
    array_map(fn(string $name): string => "$name is not what was checked: $sums[$name] instead of $expected[$name]", array_keys(array_filter(
        array_intersect_key($sums, $expected),
        fn(string $sum, string $name): bool => $sum !== $expected[$name],
        ARRAY_FILTER_USE_BOTH,
    ))),
);
fwrite(STDERR, implode('', array_map(fn(string $one): string => "$one\n", $wrong)));
exit($wrong === [] ? 0 : 1);

/** SHA-256 over the path and the sum of every file below a folder, in the order of the paths. */
function contentSum(string $folder): string
{
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->isFile()) {
            $files[] = substr($file->getPathname(), strlen($folder)) . ' ' . hash_file('sha256', $file->getPathname());
        }
    }
    sort($files);

    return hash('sha256', implode("\n", $files));
}

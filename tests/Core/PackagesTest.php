<?php

declare(strict_types=1);

/** @return array<mixed> */
function jsonOf(string $file): array
{
    return json_decode((string) file_get_contents(__DIR__ . "/../../$file"), true, flags: JSON_THROW_ON_ERROR);
}

it('pins every package of Composer\'s whole tree, each with the sum of its content', function (): void {
    $sums = array_map(
        fn(string $line): array => explode(' ', $line),
        file(__DIR__ . '/../../packages/composer.sums', FILE_IGNORE_NEW_LINES) ?: [],
    );
    $pins = jsonOf('packages/pins/composer.json')['require'];
    expect(array_column($sums, 0))->toBe(array_keys($pins))->and(count($sums))->toBeGreaterThan(100);
    foreach ($sums as [$name, $version, $sum]) {
        expect(ltrim($version, 'v'))->toBe($pins[$name])->and($sum)->toMatch('/^[0-9a-f]{64}$/');
    }
    $composer = jsonOf('composer.json');
    foreach ([...$composer['require'], ...$composer['require-dev']] as $name => $version) {
        if (str_contains($name, '/')) {
            expect($version)->toMatch('/^\d+(\.\d+)+$/')->and($pins[$name] ?? $version)->toBe($version);
        }
    }
});

it('has installed what was checked', function (): void {
    exec('php ' . escapeshellarg(__DIR__ . '/../../bin/check-packages.php') . ' 2>&1', $said, $status);
    expect($status)->toBe(0, implode("\n", $said));
});

it('pins every package of npm\'s whole tree with its sum, and holds no download address', function (): void {
    $lock = (string) file_get_contents(__DIR__ . '/../../package-lock.json');
    expect($lock)->not->toContain('"resolved"');
    foreach (jsonOf('package-lock.json')['packages'] as $path => $package) {
        if ($path !== '') {
            expect(isset($package['version']))->toBeTrue($path)
                ->and(isset($package['integrity']) || ($package['inBundle'] ?? false))->toBeTrue($path);
        }
    }
    $own = jsonOf('package.json');
    foreach ([...$own['dependencies'], ...$own['devDependencies']] as $name => $version) {
        expect($version)->toMatch('/^\d+\.\d+\.\d+$/', $name);
    }
});

it('records which of Debian\'s packages it was tried with', function (): void {
    $lines = file(__DIR__ . '/../../packages/debian.versions', FILE_IGNORE_NEW_LINES) ?: [];
    expect(
        array_map(fn(string $line): string => explode(' ', $line)[0], $lines),
    )->toContain('php8.2-cli', 'mariadb-server', 'nginx-light', 'oathtool', 'chromium');
});

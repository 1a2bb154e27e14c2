<?php

declare(strict_types=1);

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Rank;

it('is as near to the true value as a C library', function (): void {
    mt_srand(11);
    $even = fn(float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
    foreach (range(1, 3000) as $ignored) {
        $x = $even(-700.0, 700.0);
        expect(abs(Arithmetic::exp($x) / exp($x) - 1.0))->toBeLessThan(5e-16);
        $y = exp($even(-600.0, 600.0));
        expect(abs(Arithmetic::log($y) - log($y)))->toBeLessThan(3e-16 * max(1.0, abs(log($y))));
        $turns = $even(0.0, 0.999999);
        expect(abs(Arithmetic::cosineOfTurns($turns) - cos(2.0 * M_PI * $turns)))->toBeLessThan(2e-15);
    }
});

it('knows the ends of its range, and whole values exactly', function (): void {
    expect(Arithmetic::exp(0.0))->toBe(1.0)->and(Arithmetic::exp(-800.0))->toBe(0.0)->and(Arithmetic::exp(800.0))->toBe(INF)

            ->and(Arithmetic::log(1.0))
            ->toBe(0.0)
            ->and(Arithmetic::log(0.0))
            ->toBe(-INF)
            ->and(Arithmetic::log(INF))
            ->toBe(INF)
            ->and(is_nan(Arithmetic::log(-1.0)))
            ->toBeTrue()
        ->and(Arithmetic::log2(8.0))->toBe(3.0)->and(Arithmetic::log2(0.125))->toBe(-3.0)

            ->and(Arithmetic::wholePower(2.0, 10))
            ->toBe(1024.0)
            ->and(Arithmetic::wholePower(2.0, -2))
            ->toBe(0.25)
            ->and(Arithmetic::wholePower(7.0, 0))
            ->toBe(1.0)
        ->and(Arithmetic::magnitude(3.0, 4.0))->toBe(5.0)
        ->and(abs(Arithmetic::power(20.0 / 264.0, 1.43) - (20.0 / 264.0) ** 1.43))->toBeLessThan(1e-17);
});

it('takes for a tie what is equal to nine digits, and lets the name decide it', function (): void {
    $third = 0.3;
    $other = 0.1 + 0.2;
    expect($other)->not->toBe($third)
        ->and(Rank::higher($third, $other, 'a', 'b'))->toBe(-1)->and(Rank::higher($other, $third, 'b', 'a'))->toBe(1)
        ->and(Rank::higher(0.5, 0.5, [2.0, 'a'], [1.0, 'b']))->toBe(1)

            ->and(Rank::higher(2.0, 1.0, 'b', 'a'))
            ->toBe(-1)
            ->and(Rank::higher(1.0, 1.0 + 3e-9, 'a', 'b'))
            ->toBe(-1)
            ->and(Rank::higher(1.0, 1.0 + 3e-8, 'a', 'b'))
            ->toBe(1)
        ->and(Rank::higher(-INF, -1.0, 'a', 'b'))->toBe(1)->and(Rank::higher(0.0, 0.0, 'a', 'a'))->toBe(0)
        ->and(Rank::higher(1e-17, 0.0, 'b', 'a'))->toBe(1)->and(Rank::higher(0.0, 2e-18, 'a', 'b'))->toBe(-1);
});

it('computes nothing that ranks with functions that differ between machines', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 3) . '/core', FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        $tokens = array_values(
            array_filter(PhpToken::tokenize((string) file_get_contents((string) $file)), fn(PhpToken $one): bool => ! $one->isIgnorable()),
        );
        foreach ($tokens as $at => $token) {
            $isCall = $token->is(T_STRING)
                && in_array(
                    $token->text,
                    ['exp', 'log', 'log10', 'log1p', 'expm1', 'pow', 'hypot', 'sin', 'cos', 'tan', 'atan', 'atan2'],
                    true,
                )
                && ($tokens[$at + 1]->text ?? '') === '('
                    && ! ($tokens[$at - 1] ?? $token)->is([T_DOUBLE_COLON, T_OBJECT_OPERATOR, T_FUNCTION]);
            if ($isCall || $token->is([T_POW, T_POW_EQUAL])) {
                $found[] = basename((string) $file) . ":{$token->line}";
            }
        }
    }
    expect($found)->toBe([]);
});

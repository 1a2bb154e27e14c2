<?php

declare(strict_types=1);

namespace App\Sheets;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\House\Edition;

/** The code book as a table, from the rules themselves: each rule and exception with its clause in every edition. */
final class RuleSheet
{
    /** @return array<string, mixed> */
    public static function shipped(): array
    {
        $book = CodeBook::shipped();
        $line = fn(Rule|RuleException $rule, ?string $asksFor): array => [
            'id' => $rule->id(),
            'asksFor' => $asksFor,
            'reason' => $rule->reason(),
            'clauses' => array_map(fn(Edition $edition): ?string => $rule->clause($edition), $book->editions()),
        ];

        return [
            'editions' => array_map(fn(Edition $edition): string => $edition->label(), $book->editions()),
            'rules' => array_map(fn(Rule $rule): array => $line($rule, $rule->asksFor()->label()), $book->rules),
            'exceptions' => array_map(fn(RuleException $exception): array => $line($exception, null), $book->exceptions),
        ];
    }
}

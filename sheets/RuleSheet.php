<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

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
            'clauses' => array_map(fn(Edition $edition): ?string => $rule->clauses()->in($edition), $book->editions()),
        ];

        return [
            'editions' => array_map(fn(Edition $edition): string => $edition->label(), $book->editions()),
            'rules' => array_map(fn(Rule $rule): array => $line($rule, $rule->asksFor()->label()), $book->rules),
            'exceptions' => array_map(fn(RuleException $exception): array => $line($exception, null), $book->exceptions),
            'findings' => self::findings($book),
        ];
    }

    /** @return list<array<string, mixed>> what is found beside rules, where a clause says so */
    private static function findings(CodeBook $book): array
    {
        $lines = [];
        foreach ($book->checks() as $check) {
            foreach ($check->clauses() as $id => $clauses) {
                $in = array_map($clauses->in(...), $book->editions());
                if (array_filter($in, is_string(...)) !== []) {
                    $lines[$id] = ['id' => $id, 'asksFor' => null, 'reason' => ucfirst(strtr($id, '_', ' ')) . '.', 'clauses' => $in];
                }
            }
        }

        return array_values($lines);
    }
}

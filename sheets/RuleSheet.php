<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\House\Edition;

/**
 * The code book as a table, from the rules themselves: each rule and exception with its clause in every edition.
 *
 * @phpstan-type RuleLine array{
 *     id: string,
 *     asksFor: string|null,
 *     reason: string,
 *     // By edition, in their order; null where it is not in that one.
 *     clauses: list<string|null>,
 * }
 * @phpstan-type RulePage array{
 *     editions: list<string>,
 *     rules: list<RuleLine>,
 *     exceptions: list<RuleLine>,
 *     // What is found beside rules.
 *     findings: list<RuleLine>,
 * }
 */
final class RuleSheet
{
    /** @return RulePage */
    public static function shipped(): array
    {
        $book = CodeBook::shipped();

        return [
            'editions' => array_map(fn(Edition $edition): string => $edition->label(), $book->editions()),
            'rules' => array_map(fn(Rule $rule): array => self::line($rule, $rule->asksFor()->label(), $book), $book->rules),
            'exceptions' => array_map(fn(RuleException $one): array => self::line($one, null, $book), $book->exceptions),
            'findings' => self::findings($book),
        ];
    }

    /** @return RuleLine */
    private static function line(Rule|RuleException $rule, ?string $asksFor, CodeBook $book): array
    {
        return [
            'id' => $rule->id(),
            'asksFor' => $asksFor,
            'reason' => $rule->reason(),
            'clauses' => array_map(fn(Edition $edition): ?string => $rule->clauses()->in($edition), $book->editions()),
        ];
    }

    /** @return list<RuleLine> what is found beside rules, where a clause says so */
    private static function findings(CodeBook $book): array
    {
        $lines = [];
        foreach ($book->checks() as $check) {
            foreach ($check->finds() as $id => $finds) {
                $in = array_map($finds->clauses->in(...), $book->editions());
                if (array_filter($in, is_string(...)) !== []) {
                    $lines[$id] = ['id' => $id, 'asksFor' => null, 'reason' => ucfirst(strtr($id, '_', ' ')) . '.', 'clauses' => $in];
                }
            }
        }

        return array_values($lines);
    }
}

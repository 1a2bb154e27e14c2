<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;

/** What an edition holds, as `bouclier editions` answers it: each fact with its clause, who read it, when, and how sure it is. */
final class EditionWriter
{
    /** @return array<string, mixed> */
    public static function toData(Edition $edition): array
    {
        $book = CodeBook::shipped();
        $has = fn(Rule|RuleException $one): bool => $one->clauses()->in($edition) !== null;
        $findings = [];
        foreach ($book->checks() as $check) {
            foreach ($check->finds() as $what => $finds) {
                $findings[] = [
                    'id' => explode(', ', $what)[0],
                    'hazard' => $finds->hazard->value,
                    ...self::fact($finds->clauses, $edition),
                ];
            }
        }

        return [
            'id' => $edition->value,
            'name' => $edition->label(),
            'rules' => array_map(fn(Rule $rule): array => [
                'id' => $rule->id(),
                'asks_for' => $rule->asksFor()->value,
                'reason' => $rule->reason(),
                'uses' => $rule instanceof UsesData ? $rule->uses($edition) : [],
                ...self::fact($rule->clauses(), $edition),
            ], array_values(array_filter($book->rules, $has))),
            'exceptions' => array_map(fn(RuleException $one): array => [
                'id' => $one->id(),
                'reason' => $one->reason(),
                'uses' => $one instanceof UsesData ? $one->uses($edition) : [],
                ...self::fact($one->clauses(), $edition),
            ], array_values(array_filter($book->exceptions, $has))),
            'findings' => $findings,
        ];
    }

    /** @return array<string, string|null> */
    private static function fact(Clauses $clauses, Edition $edition): array
    {
        return [
            'clause' => $clauses->in($edition),
            'read_by' => $clauses->reading->by(),
            'read_on' => $clauses->reading->on(),
            'sure' => $clauses->isLikely($edition) ? 'likely' : 'certain',
        ];
    }
}

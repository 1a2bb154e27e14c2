<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Exemption;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/**
 * The code book as a table, from the rules themselves: each rule, exception and finding with its clause in every edition, what it rests on,
 * who read it and how sure it is; with a house, the outlets it binds there.
 *
 * @phpstan-type RuleLine array{
 *     id: string,
 *     asksFor: string|null,
 *     reason: string,
 *     // By edition, in their order; null where it is not in that one.
 *     clauses: list<string|null>,
 *     // Limits, rooms and dates it uses, by edition.
 *     uses: list<list<string>>,
 *     // Whether it is only likely, by edition.
 *     likely: list<bool>,
 *     readBy: string,
 *     readOn: string,
 *     // Outlets of the open house that it binds, or that it was found at.
 *     binds: list<array{id: string, code: string}>,
 * }
 * @phpstan-type NamedRule array{value: string, label: string, what: value-of<Protection>, clauses: list<string|null>}
 * @phpstan-type RulePage array{
 *     editions: list<string>,
 *     // The edition of the open house, among the editions; null without one.
 *     own: int|null,
 *     rules: list<RuleLine>,
 *     exceptions: list<RuleLine>,
 *     // What is found beside rules.
 *     findings: list<RuleLine>,
 * }
 */
final readonly class RuleSheet
{
    private CodeBook $book;

    private function __construct(private ?Assessment $judged)
    {
        $this->book = CodeBook::shipped();
    }

    /** @return RulePage */
    public static function shipped(): array
    {
        return (new self(null))->page();
    }

    /** @return RulePage */
    public static function of(House $house): array
    {
        return (new self((new Assess($house))->house()))->page();
    }

    /** @return list<NamedRule> rules that can be amended */
    public static function names(): array
    {
        $book = CodeBook::shipped();

        return array_map(fn(Rule $rule): array => [
            'value' => $rule->id(),
            'label' => $rule->reason(),
            'what' => $rule->asksFor()->value,
            'clauses' => array_map($rule->clauses()->in(...), $book->editions()),
        ], $book->rules);
    }

    /** @return RulePage */
    private function page(): array
    {
        $own = $this->judged === null ? false : array_search($this->judged->edition, $this->book->editions(), true);

        return [
            'editions' => array_map(fn(Edition $edition): string => $edition->label(), $this->book->editions()),
            'own' => $own === false ? null : $own,
            'rules' => array_map(fn(Rule $rule): array => $this->line(
                $rule,
                $rule->asksFor()->label(),
                fn(PointAssessment $point): bool => array_filter(
                    $point->demands,
                    fn(Demand $demand): bool => $demand->ruleId === $rule->id(),
                ) !== [],
            ), $this->book->rules),
            'exceptions' => array_map(fn(RuleException $one): array => $this->line(
                $one,
                null,
                fn(PointAssessment $point): bool => array_filter(
                    $point->exemptions,
                    fn(Exemption $exemption): bool => $exemption->exceptionId === $one->id(),
                ) !== [],
            ), $this->book->exceptions),
            'findings' => $this->findings(),
        ];
    }

    /**
     * @param \Closure(PointAssessment): bool $binds
     *
     * @return RuleLine
     */
    private function line(Rule|RuleException $rule, ?string $asksFor, \Closure $binds): array
    {
        return [
            'id' => $rule->id(),
            'asksFor' => $asksFor,
            'reason' => $rule->reason(),
            'uses' => array_map(
                fn(Edition $edition): array => $rule instanceof UsesData && $rule->clauses()->in($edition) !== null
                    ? $rule->uses($edition)
                    : [],
                $this->book->editions(),
            ),
            ...$this->fact($rule->clauses()),
            'binds' => $this->outlets($binds),
        ];
    }

    /** @return array{clauses: list<string|null>, likely: list<bool>, readBy: string, readOn: string} */
    private function fact(Clauses $clauses): array
    {
        return [
            'clauses' => array_map($clauses->in(...), $this->book->editions()),
            'likely' => array_map($clauses->isLikely(...), $this->book->editions()),
            'readBy' => $clauses->reading->by(),
            'readOn' => $clauses->reading->on(),
        ];
    }

    /**
     * @param \Closure(PointAssessment): bool $binds
     *
     * @return list<array{id: string, code: string}>
     */
    private function outlets(\Closure $binds): array
    {
        return array_map(
            fn(PointAssessment $point): array => ['id' => $point->point->id, 'code' => $point->point->code],
            array_values(array_filter($this->judged->points ?? [], $binds)),
        );
    }

    /** @return list<RuleLine> what is found beside rules, where a clause says so */
    private function findings(): array
    {
        $lines = [];
        foreach ($this->book->checks() as $check) {
            foreach ($check->finds() as $what => $finds) {
                $fact = $this->fact($finds->clauses);
                if (array_filter($fact['clauses'], is_string(...)) !== []) {
                    $id = explode(', ', $what)[0];
                    $lines[$what] = [
                        'id' => $what,
                        'asksFor' => null,
                        'reason' => ucfirst(strtr($what, '_', ' ')) . '.',
                        'uses' => array_map(fn(): array => [], $this->book->editions()),
                        ...$fact,
                        'binds' => $this->outlets(fn(PointAssessment $point): bool => $this->isFoundAt($id, $point)),
                    ];
                }
            }
        }

        return array_values($lines);
    }

    /** At the outlet itself, or of a circuit or room as a whole that names it. */
    private function isFoundAt(string $id, PointAssessment $point): bool
    {
        $is = fn(Finding $finding): bool => $finding->id === $id;
        $names = fn(Finding $finding): bool => $finding->id === $id && in_array($point->point->id, $finding->points, true);

        return array_filter($point->findings, $is) !== [] || array_filter($this->judged->findings ?? [], $names) !== [];
    }
}

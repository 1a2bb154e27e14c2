<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;

/**
 * All there is to do in a house, line by line: the plan, and the cure of every finding it leaves, each with what it takes by itself and
 * beside what is done anyway.
 */
final readonly class Scope
{
    public const PLAN = 'plan';

    private const UNCURED = 'No way is known that brings nothing worse: decide it on the spot.';

    /** @param list<ScopeLine> $lines what must be done first */
    private function __construct(public array $lines, public PriceTable $prices)
    {
    }

    /** @param (\Closure(): void)|null $between called after each finding; by throwing there, one whose answer can wait ends it */
    public static function of(House $house, ?Plan $plan, ?\Closure $between = null): self
    {
        $before = new Cures($house);
        $after = $plan === null ? $before : new Cures((new Applied($house, $plan))->house());
        $lines = $plan === null ? [] : self::planLine($plan, $before->inspection, $after->inspection);
        $cured = [];
        foreach ($after->inspection->ailments as $key => $ailment) {
            $remedy = $after->of($ailment);
            $same = $before->inspection->ailments[$key] ?? null;
            $alone = match (true) {
                $same === null => null,
                $before === $after => $remedy,
                default => $before->of($same),
            };
            $cured[self::sameAs($ailment, $remedy)][] = [$ailment, $remedy, $alone];
            if ($between !== null) {
                $between();
            }
        }
        foreach ($cured as $key => $together) {
            $lines[] = self::together($key, $together);
        }
        usort($lines, fn(ScopeLine $one, ScopeLine $other): int => [$one->key !== self::PLAN, $one->need->order(), $one->key]
            <=> [$other->key !== self::PLAN, $other->need->order(), $other->key]);

        return new self($lines, PriceTable::of($house));
    }

    /**
     * What some of its lines come to, done together.
     *
     * @param list<string> $keys
     */
    public function bill(array $keys): Bill
    {
        $steps = [];
        foreach ($this->lines as $line) {
            if (in_array($line->key, $keys, true)) {
                array_push($steps, ...$line->steps);
            }
        }

        return new Bill($steps, $this->prices);
    }

    /** @return list<string> keys of what must and what should be done */
    public function needed(): array
    {
        return array_column(array_filter($this->lines, fn(ScopeLine $line): bool => $line->isNeeded()), 'key');
    }

    public function line(string $key): ?ScopeLine
    {
        foreach ($this->lines as $line) {
            if ($line->key === $key) {
                return $line;
            }
        }

        return null;
    }

    /** What a line comes to by itself; null where it comes only with the plan. */
    public function alone(ScopeLine $line): ?Bill
    {
        return $line->alone === null ? null : new Bill($line->alone, $this->prices);
    }

    /** What a line adds to the plan: minutes, and parts and labour; of the plan itself all it takes. */
    public function adds(ScopeLine $line): AddedCost
    {
        return (new Bill($line->steps, $this->prices))->beside($this->bill($line->isOfThePlan() ? [] : [self::PLAN]));
    }

    /** @return list<ScopeLine> the plan, as the first line; none where nothing is to be changed for it */
    private static function planLine(Plan $plan, Inspection $now, Inspection $after): array
    {
        $steps = Step::ofPlan($plan);
        $wanting = $now->wanting();
        if ($steps === [] && $wanting === []) {
            return [];
        }
        $isAsked = array_filter($wanting, self::isAsked(...)) !== [];
        $outlets = count($wanting) . (count($wanting) === 1 ? ' outlet' : ' outlets');

        return [new ScopeLine(
            self::PLAN,
            $isAsked ? Need::Must : Need::Could,
            "Protect $outlets",
            $outlets . (count($wanting) === 1 ? ' is' : ' are') . ' not protected against electric shock or sparks as the code asks today.',
            array_values(array_map(fn(Ailment $one): Finding => $one->finding, $now->ended($after))),
            self::asking($wanting),
            array_map(fn(PointAssessment $judged): string => $judged->point->code, $wanting),
            $steps,
            $steps,
        )];
    }

    /**
     * @param list<PointAssessment> $wanting
     *
     * @return list<string> clauses that ask for the protection that is wanted, the one that asks most often first
     */
    private static function asking(array $wanting): array
    {
        $times = [];
        foreach ($wanting as $judged) {
            foreach ($judged->gaps() as $protection) {
                $clause = $judged->demandsFor($protection)[0]->clause;
                $times[$clause] = ($times[$clause] ?? 0) + 1;
            }
        }
        arsort($times);

        return array_keys($times);
    }

    /** Whether the code asks for what it wants, and does not only advise it. */
    private static function isAsked(PointAssessment $judged): bool
    {
        return array_filter($judged->gaps(), fn(Protection $one): bool => $judged->verdict($one) === Verdict::Missing) !== [];
    }

    private static function sameAs(Ailment $ailment, ?Remedy $remedy): string
    {
        if ($remedy === null) {
            return "uncured {$ailment->key()}";
        }
        // What is only recorded is one walk through the house.
        if (self::isOnlyRecorded($remedy)) {
            return "record {$ailment->finding->id}";
        }
        $steps = array_map(fn(Step $step): string => $step->key(), $remedy->steps);
        sort($steps);

        return implode('; ', $steps) . ($remedy->isToBeProved ? " {$ailment->finding->id}" : '');
    }

    private static function isOnlyRecorded(Remedy $remedy): bool
    {
        return array_filter($remedy->steps, fn(Step $step): bool => $step->task !== Task::Record) === [];
    }

    /** @param non-empty-list<array{Ailment, Remedy|null, Remedy|null}> $together */
    private static function together(string $key, array $together): ScopeLine
    {
        $worst = $together[0];
        foreach ($together as $one) {
            $worst = Need::of($one[0]->finding->severity)->order() < Need::of($worst[0]->finding->severity)->order() ? $one : $worst;
        }
        [$ailment, $remedy, $alone] = $worst;
        $codes = $steps = $own = [];
        foreach ($together as [$each, $its, $itsAlone]) {
            foreach ($each->points() as $point) {
                $codes[] = $point->code;
            }
            array_push($steps, ...$its->steps ?? []);
            array_push($own, ...$itsAlone->steps ?? []);
        }
        $codes = array_values(array_unique($codes));
        $findings = array_map(fn(array $one): Finding => $one[0]->finding, $together);
        $isRecord = $remedy !== null && count($codes) > 1 && self::isOnlyRecorded($remedy);

        return new ScopeLine(
            $key,
            Need::of($ailment->finding->severity),
            $isRecord ? 'Look at ' . count($codes) . ' outlets, and record what is there.' : $remedy->text ?? self::UNCURED,
            Plain::of($ailment->finding->id),
            $findings,
            array_values(array_unique(array_filter(
                array_map(fn(Finding $finding): ?string => $finding->clause, $findings),
                is_string(...),
            ))),
            $codes,
            $alone === null ? null : $own,
            $steps,
            $isRecord ? null : $remedy?->house,
            isToBeProved: $remedy?->isToBeProved === true,
            isUncured: $remedy === null,
        );
    }
}

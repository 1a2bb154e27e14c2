<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
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
        $now = new Cures($house);
        $after = $plan === null ? $now : new Cures((new Applied($house, $plan))->house());
        $lines = $plan === null ? [] : self::planLine($house, $plan, $now, $after);
        $cured = [];
        foreach ($after->ailments as $key => $ailment) {
            $remedy = $after->of($ailment);
            $alone = isset($now->ailments[$key]) ? ($plan === null ? $remedy : $now->of($now->ailments[$key])) : null;
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
        $needed = array_filter($this->lines, fn(ScopeLine $line): bool => $line->isOfThePlan || $line->need !== Need::Could);

        return array_values(array_map(fn(ScopeLine $line): string => $line->key, $needed));
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

    /** What a line adds to the plan: minutes, and parts and labour. */
    public function besideThePlan(ScopeLine $line): AddedCost
    {
        return (new Bill($line->steps, $this->prices))->beside($this->bill([self::PLAN]));
    }

    /** @return list<ScopeLine> the plan, as the first line; none where nothing is to be changed for it */
    private static function planLine(House $house, Plan $plan, Cures $now, Cures $after): array
    {
        $steps = Step::ofPlan($plan);
        $bare = self::bare($house);
        if ($steps === [] && $bare === []) {
            return [];
        }
        $gone = array_values(array_diff_key($now->ailments, $after->ailments));
        $isAsked = array_filter($bare, fn(array $one): bool => $one[1] === Verdict::Missing) !== [];

        return [new ScopeLine(
            self::PLAN,
            $isAsked ? Need::Must : Need::Could,
            'Protect ' . count($bare) . (count($bare) === 1 ? ' outlet' : ' outlets'),
            count($bare) . (count($bare) === 1 ? ' outlet is' : ' outlets are')
                . ' not protected against electric shock or sparks as the code asks today.',
            array_map(fn(Ailment $one) => $one->finding, $gone),
            array_map(fn(array $one): string => $one[0]->code, $bare),
            $steps,
            $steps,
            isOfThePlan: true,
        )];
    }

    /** @return list<array{Point, Verdict}> outlets that want something they do not have */
    private static function bare(House $house): array
    {
        $bare = [];
        foreach ((new Assess($house))->house()->points as $judged) {
            foreach ([Protection::Gfci, Protection::Afci] as $function) {
                $verdict = $judged->verdict($function);
                if (in_array($verdict, [Verdict::Missing, Verdict::Advised], true)) {
                    $bare[$judged->point->id] = [$judged->point, $verdict];
                }
            }
        }

        return array_values($bare);
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
        $isRecord = $remedy !== null && count($codes) > 1 && self::isOnlyRecorded($remedy);

        return new ScopeLine(
            $key,
            Need::of($ailment->finding->severity),
            $isRecord ? 'Look at ' . count($codes) . ' outlets, and record what is there.' : $remedy->text ?? self::UNCURED,
            Plain::of($ailment->finding->id),
            array_map(fn(array $one) => $one[0]->finding, $together),
            $codes,
            $alone === null ? null : $own,
            $steps,
            $isRecord ? null : $remedy?->house,
            isToBeProved: $remedy?->isToBeProved === true,
            isUncured: $remedy === null,
        );
    }
}

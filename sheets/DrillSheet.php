<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Practice\Drills\Drill;
use Bouclier\Core\Practice\Drills\DrillBox;
use Bouclier\Core\Practice\Drills\DrillItem;

/**
 * A round of a drill: its boxes without their answers, and what came of an answer.
 *
 * @phpstan-type DrillKind array{
 *     name: string,
 *     label: string,
 *     means: string,
 * }
 * @phpstan-type DrillItemShown array{
 *     id: string,
 *     label: string,
 *     seen: list<string>,
 *     // What is done with an instrument, and what it then shows.
 *     reads: list<array{do: string, shows: string}>,
 *     // Hot to neutral, hot to ground, neutral to ground.
 *     lamps: list<bool>|null,
 * }
 * @phpstan-type DrillBoxShown array{
 *     prompt: string,
 *     options: list<string>,
 *     items: list<DrillItemShown>,
 * }
 * @phpstan-type DrillRound array{
 *     kind: DrillKind,
 *     boxes: list<DrillBoxShown>,
 * }
 * @phpstan-type DrillAnswered array{
 *     right: bool,
 *     items: list<array{id: string, right: bool, answer: string, why: string}>,
 * }
 */
final class DrillSheet
{
    private const MOST_SEEDS = 999_999_999;

    /** @return list<DrillKind> */
    public static function kinds(): array
    {
        return array_map(self::kind(...), Drill::ALL);
    }

    /** @return DrillRound */
    public static function round(Body $body): array
    {
        $drill = self::drill($body);
        $seed = self::seed($body);

        return [
            'kind' => self::kind($drill),
            'boxes' => array_map(fn(int $number): array => self::shown($drill::box($seed, $number)), range(1, Drill::ROUND)),
        ];
    }

    /** @return DrillAnswered */
    public static function answered(Body $body): array
    {
        $box = self::drill($body)::box(self::seed($body), $body->whole('number', 1, Drill::ROUND));
        $answers = self::answers($body);

        return [
            'right' => $box->isRight($answers),
            'items' => array_map(fn(DrillItem $item): array => [
                'id' => $item->id,
                'right' => ($answers[$item->id] ?? null) === $item->answer,
                'answer' => $item->answer,
                'why' => $item->why,
            ], $box->items),
        ];
    }

    /** How many boxes of a whole round were right. */
    public static function right(Body $body): int
    {
        $drill = self::drill($body);
        $right = 0;
        foreach ($body->parts('boxes', Drill::ROUND) as $place => $box) {
            $right += $drill::box(self::seed($body), $place + 1)->isRight(self::answers($box)) ? 1 : 0;
        }

        return $right;
    }

    /** @return class-string<Drill> */
    public static function drill(Body $body): string
    {
        return Drill::named($body->text('kind', 40)) ?? $body->wrong('kind', 'is no drill there is');
    }

    public static function seed(Body $body): int
    {
        return $body->whole('seed', 0, self::MOST_SEEDS);
    }

    /** @return array<string> by id of the item */
    private static function answers(Body $body): array
    {
        return $body->textsBy('answers', fn(string $key): bool => strlen($key) <= 40, 400);
    }

    /**
     * @param class-string<Drill> $drill
     *
     * @return DrillKind
     */
    private static function kind(string $drill): array
    {
        return ['name' => $drill::name(), 'label' => $drill::label(), 'means' => $drill::means()];
    }

    /** @return DrillBoxShown */
    private static function shown(DrillBox $box): array
    {
        return [
            'prompt' => $box->prompt,
            'options' => $box->options,
            'items' => array_map(fn(DrillItem $item): array => [
                'id' => $item->id,
                'label' => $item->label,
                'seen' => $item->seen,
                'reads' => array_map(
                    fn(string $do, string $shows): array => ['do' => $do, 'shows' => $shows],
                    array_keys($item->reads),
                    array_values($item->reads),
                ),
                'lamps' => $item->lamps,
            ], $box->items),
        ];
    }
}

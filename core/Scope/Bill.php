<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\Diagnose\Pricing;
use Bouclier\Core\Plan\PriceTable;

/**
 * What steps come to, done together: the same thing once, a box opened once for all that is done in it, and what is landed otherwise
 * where the device is changed anyway for nothing.
 */
final readonly class Bill
{
    /** Minutes it takes to open a box, which is done once for all that is done in it. */
    public const OPENING = Pricing::OPENING;

    /** @var list<Step> each once */
    public array $steps;

    /** @param list<Step> $steps */
    public function __construct(array $steps, public PriceTable $prices)
    {
        $once = [];
        foreach ($steps as $step) {
            $same = $once[$step->key()] ?? null;
            $once[$step->key()] = $same !== null && $same->count > $step->count ? $same : $step;
        }
        $this->steps = array_values($once);
    }

    public function minutes(): float
    {
        $minutes = 0.0;
        $boxes = [];
        foreach ($this->steps as $step) {
            if ($step->box() !== null) {
                $boxes[$step->box()][] = $step;
            } else {
                $minutes += $this->prices->minutes($step->task);
            }
        }

        return $minutes + array_sum(array_map($this->inOneBox(...), $boxes));
    }

    public function minutesAtThePanel(): float
    {
        return array_sum(array_map(
            fn(Step $step): float => $step->task->isAtThePanel() ? $this->prices->minutes($step->task) : 0.0,
            $this->steps,
        ));
    }

    public function partsCost(): float
    {
        return array_sum(array_map(
            fn(Step $step): float => $step->item === null ? 0.0 : $step->count * $this->prices->price($step->item),
            $this->steps,
        ));
    }

    /** Parts and labour, to the cent. */
    public function cost(): float
    {
        return round($this->exactCost(), 2);
    }

    /** What it comes to beside another, done together with it: to the cent. */
    public function beside(self $other): AddedCost
    {
        $both = new self([...$other->steps, ...$this->steps], $this->prices);

        return new AddedCost(
            max(0.0, $both->minutes() - $other->minutes()),
            max(0.0, round($both->exactCost() - $other->exactCost(), 2)),
        );
    }

    private function exactCost(): float
    {
        return $this->partsCost() + $this->prices->labour($this->minutes());
    }

    /** @param non-empty-list<Step> $steps */
    private function inOneBox(array $steps): float
    {
        $isChanged = array_filter($steps, fn(Step $step): bool => $step->changesTheBox()) !== [];
        $minutes = array_map(
            fn(Step $step): float => $isChanged && $step->rewires() ? 0.0 : $this->prices->minutes($step->task),
            $steps,
        );
        $done = array_filter($minutes, fn(float $each): bool => $each > 0.0);

        return max(0.0, array_sum($minutes) - self::OPENING * max(0, count($done) - 1));
    }
}

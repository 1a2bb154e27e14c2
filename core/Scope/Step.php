<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Pick;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Task;

/** One thing that is done at one place, with the part it takes. */
final readonly class Step
{
    /** Of one part, for one thing. */
    private const MOST = 10_000;

    private const MOST_AT_ONCE = 2000;

    /**
     * @param float $count how many of the part; feet of a cable
     * @param Spot $at an outlet, a circuit at its panel, or nothing: the house
     * @param string $finish rating and colour of the device that is bought, as far as they are known
     */
    public function __construct(
        public Task $task,
        public ?Item $item,
        public Spot $at,
        public float $count = 1.0,
        public string $finish = '',
    ) {
    }

    public static function atPoint(string $point, Task $task, ?Item $item = null, float $count = 1.0): self
    {
        return new self($task, $item, new Spot(point: $point), $count);
    }

    public static function atCircuit(string $circuit, Task $task, ?Item $item = null, float $count = 1.0): self
    {
        return new self($task, $item, new Spot(circuit: $circuit), $count);
    }

    /**
     * @return list<self> those told under a key
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile
     */
    public static function allTold(Body $body, string $key): array
    {
        return array_map(self::told(...), $body->parts($key, self::MOST_AT_ONCE));
    }

    private static function told(Body $body): self
    {
        return new self(
            $body->choice('task', Task::class),
            $body->maybeChoice('item', Item::class),
            new Spot(point: $body->maybeId('point'), circuit: $body->maybeId('circuit')),
            $body->number('count', 0, self::MOST),
            $body->maybeText('finish', 60) ?? '',
        );
    }

    /** @return list<self> what a plan does */
    public static function ofPlan(Plan $plan): array
    {
        $steps = [];
        foreach ($plan->choices as $choice) {
            $places = array_values(array_filter($choice->poles, fn(array $circuits): bool => $choice->isChanged($circuits[0])));
            foreach ($choice->bought as $number => $item) {
                $steps[] = self::atCircuit($places[$number][0]->id ?? '', Task::Breaker, $item);
            }
        }

        return [...$steps, ...array_values(array_filter(array_map(self::ofPick(...), $plan->picks)))];
    }

    private static function ofPick(Pick $pick): ?self
    {
        $point = $pick->stop->point;

        return match (true) {
            $pick->isSwapped() => new self(
                Task::Swap,
                Item::device($pick->device),
                new Spot(point: $point->id),
                finish: self::finish($point),
            ),
            $pick->isRelanded => self::atPoint($point->id, Task::Rewire),
            default => null,
        };
    }

    /** What is in an outlet taken out for what it then has: a receptacle, or its pairs joined. */
    public static function exchanged(Point $new): self
    {
        return $new->isReceptacle()
            ? new self(Task::Swap, Item::receptacle($new), new Spot(point: $new->id), finish: self::finish($new))
            : self::atPoint($new->id, Task::Rewire, Item::Pigtail);
    }

    /** What a device has to be like to fit: 20 A, brass. */
    public static function finish(Point $point): string
    {
        return "{$point->amps()} A" . ($point->finish === null ? '' : ", {$point->finish}");
    }

    /** What it is the same as, done once for whatever it is done. */
    public function key(): string
    {
        return implode(' ', [$this->task->value, $this->item->value ?? '', $this->at->kind(), $this->at->id()]);
    }

    /** Whether pairs are landed otherwise, which costs nothing where the device is changed anyway. */
    public function rewires(): bool
    {
        return $this->task === Task::Rewire;
    }

    /** Whether all that is landed in the box is landed anew. */
    public function changesTheBox(): bool
    {
        return $this->task === Task::Swap || $this->task === Task::ReplaceBox;
    }

    /** The box it is done in. */
    public function box(): ?string
    {
        return $this->task->opensTheBox() ? $this->at->point : null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

/** One box of a drill: what is to be done, and of each thing in it what is so. */
final readonly class DrillBox
{
    /**
     * @param string $prompt what is given
     * @param list<DrillItem> $items
     * @param list<string> $options what each of them may be
     */
    public function __construct(public string $prompt, public array $items, public array $options)
    {
    }

    /** @param array<string> $answers by id of the item */
    public function isRight(array $answers): bool
    {
        foreach ($this->items as $item) {
            if (($answers[$item->id] ?? null) !== $item->answer) {
                return false;
            }
        }

        return true;
    }
}

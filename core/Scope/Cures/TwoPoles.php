<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** Protection on a shared neutral: one breaker of two poles on both halves, which sees all that comes back. */
final class TwoPoles implements Cure
{
    public static function cures(): array
    {
        return ['shared_neutral_protection', 'afci_first_outlet_unmet'];
    }

    public static function ways(Ailment $of): iterable
    {
        $one = $of->circuit();
        $other = $one === null ? null : $of->house->otherHalf($one);
        if ($one === null || $other === null || in_array(BreakerType::Fuse, [$one->breaker(), $other->breaker()], true)) {
            return;
        }
        if ($one->multiwireWith !== $other->id || $other->multiwireWith !== $one->id) {
            yield new Remedy(
                "Find out which circuit shares the neutral of {$one->slot} {$one->label}, and write down both.",
                [Step::atCircuit($one->id, Task::Record)],
                $of->house,
                true,
            );

            return;
        }
        foreach (BreakerType::cases() as $type) {
            if ($type->isProtective()) {
                yield new Remedy(
                    "One two-pole {$type->label()} at {$one->slot} and {$other->slot}, which share a neutral.",
                    [Step::atCircuit($one->id, Task::Breaker, Item::twoPole($type))],
                    $of->house->withCircuit($one->withNewBreaker($type))->withCircuit($other->withNewBreaker($type)),
                );
            }
        }
    }
}

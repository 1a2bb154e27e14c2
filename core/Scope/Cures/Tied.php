<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** Two breakers that have to go off together are tied. */
final class Tied implements Cure
{
    public static function cures(): array
    {
        return ['multiwire_no_tie', 'yoke_no_disconnect'];
    }

    public static function ways(Ailment $of): iterable
    {
        $one = $of->circuit();
        $other = match (true) {
            $one === null => null,
            $of->finding->id === 'multiwire_no_tie' && $one->multiwireWith !== null => $of->house->circuit($one->multiwireWith),
            $of->point?->yokeWith !== null => $of->feeds->feed($of->house->point($of->point->yokeWith))->circuit,
            default => null,
        };
        if ($one === null || $other === null) {
            return;
        }
        yield new Remedy(
            "Tie breakers {$one->slot} and {$other->slot}: one handle takes off both.",
            [Step::atCircuit($one->id, Task::Tie, Item::HandleTie)],
            $of->house->withCircuit($one->with(handleTie: true))->withCircuit($other->with(handleTie: true)),
        );
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** The labels and marks that are asked for there. */
final class Labelled implements Cure
{
    public static function cures(): array
    {
        return ['no_ground_unlabelled', 'first_outlet_unmarked'];
    }

    public static function ways(Ailment $of): iterable
    {
        if ($of->point === null) {
            return;
        }
        $assess = new Assess($of->house, feeds: $of->feeds);
        $asked = $assess->labelsAsked($assess->point($of->point));
        $new = array_values(array_filter($asked, fn(PointLabel $label): bool => ! in_array($label, $of->point->labels(), true)));
        yield new Remedy(
            "Label {$of->point->code}: " . implode(', ', array_map(fn(PointLabel $label): string => "\"{$label->label()}\"", $new)) . '.',
            [Step::atPoint($of->point->id, Task::Mark, Item::Label, (float) count($new))],
            $of->house->withPoint($of->point->with(labels: [...$of->point->labels(), ...$new])),
        );
    }
}

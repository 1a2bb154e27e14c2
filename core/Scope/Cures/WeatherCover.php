<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Cover;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** A cover that keeps water out as the place wants it. */
final class WeatherCover implements Cure
{
    public static function cures(): array
    {
        return ['wrong_cover'];
    }

    public static function ways(Ailment $of): iterable
    {
        if ($of->point === null) {
            return;
        }
        foreach ([[Cover::Flip, Item::FlipCover], [Cover::InUse, Item::InUseCover]] as [$cover, $item]) {
            yield new Remedy(
                "{$cover->label()} at {$of->point->code}.",
                [Step::atPoint($of->point->id, Task::Cover, $item)],
                $of->house->withPoint($of->point->with(cover: $cover)),
            );
        }
    }
}

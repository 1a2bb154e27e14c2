<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Box;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/** A ground that is not there is brought, joined, or done without under a GFCI and its labels. */
final class Grounded implements Cure
{
    public static function cures(): array
    {
        return ['ungrounded_receptacle', 'ground_broken', 'ground_run_on', 'ground_pigtail_missing'];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        if ($point === null) {
            return;
        }
        if ($of->finding->id === 'ground_run_on') {
            yield new Remedy(
                "Take the ground that runs on from {$point->code} off at both ends.",
                [Step::atPoint($point->id, Task::Rewire)],
                $of->house->with(cables: array_map(
                    fn(Cable $cable): Cable => $cable->fromPoint() === $point->id ? $cable->with(ground: false) : $cable,
                    $of->house->cables,
                )),
            );

            return;
        }
        if ($of->finding->id === 'ground_pigtail_missing') {
            $box = $point->box ?? new Box();
            yield new Remedy(
                "Splice a pigtail from the grounds to the device at {$point->code}.",
                [Step::atPoint($point->id, Task::InTheBox, Item::Pigtail)],
                $of->house->withPoint($point->with(box: $box->with(pigtail: true), ground: GroundPath::Wire)),
            );

            return;
        }
        if ($of->finding->id === 'ungrounded_receptacle' && $point->device === Device::Standard) {
            yield new Remedy(
                "A GFCI receptacle at {$point->code}, labelled \"" . PointLabel::NoEquipmentGround->label() . '".',
                [Step::atPoint($point->id, Task::Swap, Item::GfciReceptacle), Step::atPoint($point->id, Task::Mark, Item::Label)],
                $of->house->withPoint($point->withNewDevice(Device::Gfci)->with(
                    tr: true,
                    labels: [...$point->labels(), PointLabel::NoEquipmentGround],
                )),
            );
        }
        yield new Remedy(
            "Bring a ground to {$point->code}.",
            [
                Step::atPoint($point->id, Task::InTheBox, Item::Pigtail),
                Step::atPoint($point->id, Task::PullCable, Item::CableFoot, UsualFeet::TO_A_GROUND),
            ],
            $of->house->withPoint($point->with(ground: GroundPath::Wire)),
        );
    }
}

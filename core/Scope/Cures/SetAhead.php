<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\CutIn;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\RoomInBox;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/** A device that cannot stay where it is goes into a box of its own ahead of it, on its feed; all it protected hangs on its LOAD. */
final class SetAhead implements Cure
{
    public static function cures(): array
    {
        return ['not_accessible', 'afci_box_crowded'];
    }

    public static function ways(Ailment $of): iterable
    {
        $old = $of->point;
        $feed = $old === null ? null : $of->feeds->feed($old)->cable;
        if ($old === null || $feed === null || $of->feeds->feed($old)->isShared()) {
            return;
        }
        foreach (array_unique([$old->device, Device::Dual], SORT_REGULAR) as $device) {
            yield self::set($of->house, $old, $feed, $device);
        }
    }

    private static function set(House $house, Point $old, Cable $feed, Device $device): Remedy
    {
        $plain = $old->withoutProtection();
        $new = CutIn::in($house, $house->area($old->area), device: $device);
        $then = $house->withPoint($plain)->withCable($feed->with(to: new CableEnd($new->id, Landing::both(Land::Line))));
        $then = $then->with(points: [...$then->points, $new], cables: [...$then->cables, $feed->with(
            id: FreeId::in($house, "to-{$old->id}"),
            from: new CableEnd($new->id, Landing::both(Land::Load)),
            lengthFt: UsualFeet::ALONG_A_WALL,
            added: $feed->added === null ? null : true,
            mark: null,
        )]);

        return new Remedy(
            "{$device->label()} in a new box ahead of {$old->code}, and "
                . ($plain->isReceptacle() ? 'a plain receptacle there.' : 'the pairs joined there.'),
            [
                Step::atPoint($new->id, Task::NewOutlet, Item::Box),
                Step::atPoint($new->id, Task::Rewire, Item::device($device)),
                Step::atPoint($new->id, Task::PullCable, Item::CableFoot, UsualFeet::ALONG_A_WALL),
                Step::exchanged($plain),
            ],
            RoomInBox::made($then, $new),
        );
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\CodeBook\Checks\WiresShort;
use Bouclier\Core\House\Box;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WiringMethod;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\RoomInBox;
use Bouclier\Core\Scope\Step;

/** What is not as it should be in a box or on it is put right there. */
final class MadeGoodInTheBox implements Cure
{
    public static function cures(): array
    {
        return [
            'box_overfull', 'wires_short', 'box_not_bonded', 'grounds_not_spliced', 'connector_out_of_range', 'wires_per_terminal',
            'raceway_unsupported', 'box_loose', 'box_wrong',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        if ($point === null) {
            return;
        }
        $box = $point->box ?? new Box();
        $in = fn(Box $with): House => $of->house->withPoint($point->with(box: $with));
        $code = $point->code;
        yield match ($of->finding->id) {
            'box_overfull' => new Remedy(
                "A larger box at $code.",
                [Step::atPoint($point->id, Task::ReplaceBox, Item::LargerBox)],
                RoomInBox::made($of->house, $point),
            ),
            'wires_short' => self::inside(
                "Lengthen the conductors at $code with pigtails.",
                $point,
                $in($box->with(freeIn: WiresShort::FREE_IN, pastFaceIn: WiresShort::PAST_FACE_IN)),
            ),
            'box_not_bonded' => self::inside("Bond the metal box at $code.", $point, $in($box->with(bonded: true))),
            'grounds_not_spliced' => self::inside(
                "Join the grounds at $code with a connector and a pigtail.",
                $point,
                $in($box->with(groundsSpliced: true)),
            ),
            'connector_out_of_range' => self::inside("Connectors that take the wire, at $code.", $point, $in($box->with(connectors: []))),
            // A splice is to LINE: what is joined and pigtailed to LOAD is drawn as it was.
            'wires_per_terminal' => new Remedy(
                "Join the hots at $code and run one pigtail to the terminal.",
                [Step::atPoint($point->id, Task::InTheBox, Item::Pigtail)],
                self::pigtailed($of->house, $point),
                ! str_starts_with($of->finding->why, Land::Line->label()),
            ),
            'raceway_unsupported' => new Remedy(
                "Strap the raceway at $code.",
                [Step::atPoint($point->id, Task::Cover, Item::Strap)],
                self::strapped($of, $point),
            ),
            'box_loose' => self::inside("Fix the box at $code.", $point, $in($box->with(fixed: true))),
            default => new Remedy(
                "Put right in the box of $code what was found wrong, and check it again.",
                [Step::atPoint($point->id, Task::InTheBox, Item::Pigtail)],
                $of->house,
                true,
            ),
        };
    }

    private static function inside(string $text, Point $point, House $then): Remedy
    {
        return new Remedy($text, [Step::atPoint($point->id, Task::InTheBox, Item::Pigtail)], $then);
    }

    /** What is landed on LINE beside the feed is joined with it; what is on LOAD together is joined too. */
    private static function pigtailed(House $house, Point $point): House
    {
        return $house->with(cables: array_map(
            fn(Cable $cable): Cable => $cable->from instanceof CableEnd
                && $cable->from->point === $point->id
                && $cable->from->land()->hot === Land::Line
                    ? $cable->with(from: $cable->from->with(land: Landing::both(Land::Splice)))
                    : $cable,
            $house->cables,
        ));
    }

    private static function strapped(Ailment $of, Point $point): House
    {
        $here = array_map(fn(Cable $cable): string => $cable->id, $of->feeds->cablesAt($point));

        return $of->house->with(cables: array_map(
            fn(Cable $cable): Cable => in_array($cable->id, $here, true) && $cable->method === WiringMethod::Pvc && $cable->strapFt !== null
                ? $cable->with(strapFt: min(1.0, $cable->strapFt))
                : $cable,
            $of->house->cables,
        ));
    }
}

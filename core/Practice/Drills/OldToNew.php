<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\Land;
use Bouclier\Core\Practice\DrawnFrom;

/** From the old back to the new one, whose LINE may be at the other end. */
final readonly class OldToNew extends Drill
{
    public static function name(): string
    {
        return 'old_to_new';
    }

    public static function label(): string
    {
        return 'Old back to new back';
    }

    public static function means(): string
    {
        return 'Each wire from where it sat to where it belongs. The new device may have LINE at the other end. The clock runs.';
    }

    protected static function drawn(DrawnFrom $from): DrillBox
    {
        $old = new DeviceBack($from->any(BackEnd::cases()));
        $new = new DeviceBack($from->any(BackEnd::cases()));
        // Now and then the old one was wired in reverse: it is put right, not copied.
        $isReversed = $from->once(4);
        $items = [];
        foreach ($from->shuffled([[Land::Line, true], [Land::Line, false], [Land::Load, true], [Land::Load, false]]) as [$goes, $isHot]) {
            $sat = $isReversed ? ($goes === Land::Line ? Land::Load : Land::Line) : $goes;
            $items[] = new DrillItem(
                'w' . (count($items) + 1),
                ($isHot ? 'Black' : 'White') . ' of the pair that is ' . ($goes === Land::Line ? 'live' : 'dead') . ' with all pairs apart',
                ['It sat ' . self::screw($old, $sat, $isHot) . '.'],
                ucfirst(self::screw($new, $goes, $isHot)),
                ($isReversed ? 'The old one was wired in reverse, its feed on LOAD. What was read decides, not where it sat: ' : '')
                    . $new->place($goes, $isHot) . '.',
            );
        }

        return new DrillBox(
            "Breaker off, proved dead. Old back: LINE at the {$old->end(Land::Line)?->label()}. New back: LINE at the "
                . "{$new->end(Land::Line)?->label()}.",
            $items,
            ['Top, brass', 'Top, silver', 'Bottom, brass', 'Bottom, silver'],
        );
    }

    private static function screw(DeviceBack $back, Land $land, bool $isHot): string
    {
        return "{$back->end($land)?->label()}, " . ($isHot ? 'brass' : 'silver');
    }
}

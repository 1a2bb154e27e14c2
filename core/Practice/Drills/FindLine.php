<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Practice\DrawnFrom;
use Bouclier\Core\Practice\Sketch;

/** A box with its pairs apart and in no order: which is the feed, and where does each go on a new device. */
final readonly class FindLine extends Drill
{
    private const LINE = 'LINE';
    private const LOAD = 'LOAD';
    private const PAST = 'In the splice, past the device';

    public static function name(): string
    {
        return 'find_line';
    }

    public static function label(): string
    {
        return 'Find LINE';
    }

    public static function means(): string
    {
        return 'Pairs apart and capped, in no order. Read what you need, then land each on the new GFCI.';
    }

    protected static function drawn(DrawnFrom $from): DrillBox
    {
        $out = $from->whole(1, 3);
        $sketch = (new Sketch('A box'))
            ->room('K', 'Kitchen', AreaKind::Kitchen)
            ->circuit('c1', 'Counter', 20.0)
            ->outlet('k0', 'K', 'The box', 'c1', (float) $from->whole(10, 60));
        foreach (range(1, $out) as $k) {
            $sketch->outlet("k$k", 'K', "Beyond $k", 'k0', (float) $from->whole(6, 40));
        }
        // One of several may have to stay live whatever trips.
        $past = $out > 1 && $from->once(2) ? $from->whole(1, $out) : null;
        $house = $sketch->asItIs();
        $model = new Simulation($house, [], Draws::seeded($from->whole(0, 1_000_000)));
        foreach ($house->cables as $cable) {
            $model->condition->lifted['k0'][$cable->id] = true;
        }
        $order = $from->shuffled(range(0, $out));
        $items = [];
        foreach ($order as $place => $k) {
            $isFeed = $k === 0;
            $at = ['cable' => Sketch::cable("k$k"), 'end' => $isFeed ? 'to' : 'from'];
            $reads = [];
            foreach ([
                ['do' => 'volts', 'at' => $at, 'between' => 'hn', 'low_z' => true],
                ['do' => 'volts', 'at' => $at, 'between' => 'hg', 'low_z' => true],
                ['do' => 'non_contact', 'at' => $at, 'conductor' => 'hot'],
            ] as $said) {
                $action = Kinds::said($said);
                $reads[self::instrument($said)] = $action->spoken(new Places($house), $model->act($action));
            }
            $sat = $from->once(2) ? Land::Line : Land::Load;
            $items[] = new DrillItem(
                'p' . ($place + 1),
                'Pair ' . ($place + 1),
                [
                    "It sat on {$sat->label()} of the old one.",
                    ...($k === $past ? ['A tag: "freezer, must not go dead with the rest".'] : []),
                ],
                match (true) {
                    $isFeed => self::LINE,
                    $k === $past => self::PAST,
                    default => self::LOAD,
                },
                $isFeed
                    ? 'It is live with all pairs apart: the feed, wherever it sat before.'
                    : ($k === $past
                        ? 'What must not go dead with the rest is fed past the device, in the splice with LINE.'
                        : 'It is dead with all pairs apart: it goes on to others, and is protected from LOAD.'),
                $reads,
            );
        }

        return new DrillBox(
            'Breaker on, every conductor capped. What hangs beyond is to be protected, but for what a tag says.',
            $items,
            [self::LINE, self::LOAD, self::PAST],
        );
    }

    /** @param array<string, mixed> $said */
    private static function instrument(array $said): string
    {
        return match ($said['between'] ?? null) {
            'hn' => 'Meter, hot to neutral',
            'hg' => 'Meter, hot to ground',
            default => 'Non-contact at the hot',
        };
    }
}

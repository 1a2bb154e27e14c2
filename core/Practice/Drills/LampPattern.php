<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

use Bouclier\Core\Network\OutletWiring;
use Bouclier\Core\Practice\DrawnFrom;

/** What a plug-in tester shows, and all that it can mean: what no tester tells apart is one answer. */
final readonly class LampPattern extends Drill
{
    private const OUTLETS = 3;

    public static function name(): string
    {
        return 'lamp_pattern';
    }

    public static function label(): string
    {
        return 'Read the lamps';
    }

    public static function means(): string
    {
        return 'Three outlets, three patterns. Say all that each can mean: some no tester tells apart.';
    }

    protected static function drawn(DrawnFrom $from): DrillBox
    {
        $items = $options = [];
        foreach (OutletWiring::cases() as $wiring) {
            $options[] = self::meaning($wiring);
        }
        foreach (range(1, self::OUTLETS) as $number) {
            $wiring = $from->any(OutletWiring::cases());
            $lamps = $wiring->lamps();
            $items[] = new DrillItem(
                "o$number",
                "Outlet $number",
                [],
                self::meaning($wiring),
                ucfirst($lamps->spoken()) . ': ' . self::meaning($wiring) . '.',
                lamps: [$lamps->hn, $lamps->hg, $lamps->ng],
            );
        }

        return new DrillBox('Tester in, nothing pressed.', $items, array_values(array_unique($options)));
    }

    private static function meaning(OutletWiring $wiring): string
    {
        return implode('; or ', array_map(fn(OutletWiring $one): string => $one->label(), OutletWiring::showing($wiring->lamps())));
    }
}

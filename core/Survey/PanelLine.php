<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;

/** A sub-panel: `panel "Workshop panel" from #9`, or a panel that hangs somewhere: `panel Main panel in W1`. */
final readonly class PanelLine
{
    public function __construct(private House $house)
    {
    }

    /** @param list<Word> $words after the word "panel" */
    public function read(array $words): EnteredLine
    {
        $name = [];
        $set = [];
        $faults = [];
        for ($i = 0; $i < count($words); ++$i) {
            $plain = $words[$i]->plain();
            $next = $words[$i + 1] ?? null;
            if ($plain === 'from' && $next !== null) {
                ++$i;
                $slot = ltrim($next->text, '#');
                $feeder = array_values(array_filter($this->house->circuits, fn($circuit): bool => $circuit->slot === $slot))[0] ?? null;
                $feeder === null
                    ? $faults[] = EntryFault::at($next, "There is no circuit $slot yet: add its breaker first")
                    : $set['fed_from'] = $feeder->id;
            } elseif ($plain === 'in' && $next !== null) {
                ++$i;
                $area = LocationCodes::area($this->house, $next->text);
                $area === null ? $faults[] = EntryFault::at($next, "There is no room {$next->text} yet") : $set['area'] = $area->id;
            } else {
                $name[] = $words[$i]->text;
            }
        }
        $called = implode(' ', $name);
        if ($called === '') {
            $faults[] = new EntryFault(0, 5, 'Name the panel, as in panel "Workshop panel" from #9');
        }
        $panel = array_values(
            array_filter($this->house->panels, fn($panel): bool => mb_strtolower($panel->name) === mb_strtolower($called)),
        )[0] ?? null;
        if ($panel === null) {
            $set = ['name' => $called] + $set;
        }
        $said = ($panel === null ? 'New panel ' : 'Panel ') . $called
            . (isset($set['fed_from']) ? ", fed from {$this->house->circuit($set['fed_from'])->slot}" : '')
            . (isset($set['area']) ? ", in {$this->house->area($set['area'])->code}" : '');

        return new EnteredLine('panels', $panel->id ?? FreeId::in($this->house, 'panel'), $panel === null, $set, $said, $faults);
    }
}

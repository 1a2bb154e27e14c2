<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Simulation;
use Tests\Core\Build;

/**
 * How it is done by a fixed list: reset; unplug all; if it holds, plug in and run one at a time, ten minutes each; if not, open and look
 * into boxes from the device outward; then lift LOAD; then change the device. It stops where it has found what is hidden; every box it
 * opens tells all it holds, and what it finds by mistake is not held against it.
 */
final class Checklist
{
    private const OPENING = 6.0;

    /** What no open box shows. */
    private const WORN = ['dead_device', 'weak_device', 'stuck_device'];

    private float $minutes = 0.0;

    private bool $found = false;

    private function __construct(private readonly HiddenFault $hidden, private readonly Simulation $simulation)
    {
    }

    /** @return array{minutes: float, found: bool} */
    public static function of(HiddenFault $hidden): array
    {
        $list = new self($hidden, $hidden->simulation());
        $list->work();

        return ['minutes' => $list->minutes, 'found' => $list->found];
    }

    private function work(): void
    {
        $at = $this->hidden->symptom['at'];
        $device = $at[0] === 'c' ? ['circuit' => $at] : ['point' => $at];
        foreach ($this->hidden->house['points'] as $point) {
            if ($this->hidden->symptom['kind'] === 'dead' || $this->hidden->symptom['kind'] === 'reads_wrong') {
                $device = $point['id'][0] === 'k' && $point['device'] !== 'standard' ? ['point' => $point['id']] : $device;
            }
        }
        $this->done(1, ['do' => 'reset', 'at' => $device]);
        $this->done(4, ['do' => 'unplug_all', 'circuit' => 'c1']);
        if ($this->done(1, ['do' => 'reset', 'at' => $device])['holds']) {
            foreach ($this->hidden->house['appliances'] as $appliance) {
                $tripped = [
                    ...$this->done(1, ['do' => 'plug', 'appliance' => $appliance['id']])['tripped'],
                    ...$this->done(1, ['do' => 'switch_on', 'appliance' => $appliance['id']])['tripped'],
                    ...$this->done(10, ['do' => 'wait', 'minutes' => 10])['tripped'],
                ];
                if ($tripped !== [] && in_array($this->place(), [$appliance['id'], ''], true)) {
                    $this->found = true;

                    return;
                }
            }
        }
        foreach ($this->hidden->house['points'] as $point) {
            if ($point['id'][0] === 'k') {
                $this->minutes += 2 + self::OPENING;
                if (in_array($point['id'], $this->boxes(), true)) {
                    $this->found = true;

                    return;
                }
            }
        }
        $this->minutes += 8 + 1;
        $this->minutes += 20;
        $this->found = in_array($this->hidden->kind, self::WORN, true);
    }

    /** The appliance the hidden fault is in; nothing where there is none. */
    private function place(): string
    {
        $at = $this->at();

        return $at['appliance'] ?? $at['cord'] ?? '';
    }

    /** @return list<string> the boxes that show it */
    private function boxes(): array
    {
        $at = $this->at();
        foreach ($this->hidden->house['cables'] as $cable) {
            if ($cable['id'] === ($at['cable'] ?? null)) {
                return [$cable['to']['point'], $cable['from']['point'] ?? ''];
            }
        }

        return isset($at['point']) && ! in_array($this->hidden->kind, self::WORN, true) ? [$at['point']] : [];
    }

    /** @return array<string, string> */
    private function at(): array
    {
        $fault = $this->hidden->faults[0] ?? null;

        return $fault['at'] ?? $fault['of'][0]['at'] ?? [];
    }

    /** @return array<string, mixed> */
    private function done(float $minutes, array $action): array
    {
        $this->minutes += $minutes;

        return $this->simulation->act(ActionList::of(Build::house($this->hidden->house + ['actions' => [$action]]))->all[0])->toData();
    }
}

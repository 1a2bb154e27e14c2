<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Elsewhere;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;

/** What a trial asks of the householder, in words of the house and not of the trade: which thing to leave how, what not to do, and what is at stake. */
final readonly class TrialWords
{
    private FeedMap $feeds;

    /** @param list<Action> $actions what is done before the trial, and the trial itself last */
    public function __construct(private House $house, private array $actions)
    {
        $this->feeds = new FeedMap($house);
    }

    /** @return array{days: int, where: string, reset: bool, asks: list<string>, not: list<string>, stakes: list<string>} */
    public function page(): array
    {
        $trial = $this->actions[count($this->actions) - 1];
        $device = $trial->at->point;

        return [
            'days' => $trial->days,
            'where' => $device === null ? 'the breaker the electrician showed you' : 'the outlet with the TEST and RESET buttons, ' . $this->outlet($this->house->point($device)),
            // A breaker is behind the door of the panel, which nobody is asked to open.
            'reset' => $device !== null,
            'asks' => $this->asks(),
            'not' => $this->not(),
            'stakes' => array_map(fn(array $stake): string => $stake['text'], $this->stakes()),
        ];
    }

    /**
     * What spoils or floods when it is off for days: what is unplugged for the trial, and what hangs on the device that may trip.
     *
     * @return list<array{appliance: string, name: string, off: bool, text: string, move: array{point: string, spoken: string}|null}>
     */
    public function stakes(): array
    {
        $off = array_map(fn(Appliance $one): string => $one->id, $this->unplugged());
        $moved = array_filter(array_map(fn(Action $action): ?string => $action->kind === ActionKind::Move ? $action->at->appliance : null, $this->actions), is_string(...));
        $stakes = [];
        foreach ($this->onCircuit() as $appliance) {
            $what = $this->atStake($appliance);
            if ($what === null || in_array($appliance->id, $moved, true)) {
                continue;
            }
            $isOff = in_array($appliance->id, $off, true);
            $to = $appliance->at === null ? null : Elsewhere::of($this->feeds, $appliance->at);
            $name = self::lower($appliance->name);
            $stakes[] = [
                'appliance' => $appliance->id,
                'name' => $name,
                'off' => $isOff,
                'text' => $isOff ? "The $name is off all that time. $what" : "When it trips, the $name is off too: look at it morning and evening. $what",
                'move' => $to === null ? null : ['point' => $to->id, 'spoken' => $this->outlet($to)],
            ];
        }

        return $stakes;
    }

    /** @return list<string> */
    private function asks(): array
    {
        $asks = [];
        foreach ($this->actions as $action) {
            $asks[] = match ($action->kind) {
                ActionKind::Unplug, ActionKind::UnplugAll => $this->leaveOut(),
                ActionKind::Move => "Leave the {$this->name($action)} plugged in at {$this->outlet($this->house->point((string) $action->to))}. Use it there as always.",
                ActionKind::WithoutCord => "Leave the {$this->name($action)} plugged straight into the wall, without the extension cord.",
                ActionKind::SwitchOff => "Leave the {$this->name($action)} switched off.",
                ActionKind::Lift => $action->on ? null : 'Some outlets have no power meanwhile: the electrician showed you which.',
                default => null,
            };
        }
        $asks = array_values(array_unique(array_filter($asks, is_string(...))));

        return [...$asks, $asks === [] ? 'Use everything as you always do.' : 'Use everything else as you always do.'];
    }

    private function leaveOut(): string
    {
        $names = array_map(fn(Appliance $one): string => 'the ' . self::lower($one->name), $this->unplugged());

        return 'Leave unplugged: ' . ($names === [] ? 'everything on those outlets' : implode(', ', $names)) . '.';
    }

    /** @return list<string> */
    private function not(): array
    {
        $out = array_map(fn(Appliance $one): string => 'the ' . self::lower($one->name), $this->unplugged());
        $moved = array_filter($this->actions, fn(Action $action): bool => $action->kind === ActionKind::Move);

        return [
            ...($out === [] ? [] : ['Do not plug ' . implode(' or ', $out) . ' in again on those outlets, not even to try.']),
            ...($moved === [] ? [] : ['Do not plug it back where it was.']),
            'Do not press TEST, and do not plug in anything new there.',
        ];
    }

    /** @return list<Appliance> */
    private function unplugged(): array
    {
        $ids = [];
        foreach ($this->actions as $action) {
            if ($action->kind === ActionKind::Unplug) {
                $ids[] = (string) $action->at->appliance;
            } elseif ($action->kind === ActionKind::UnplugAll) {
                $circuit = $action->at->circuit;
                $here = array_filter($this->house->appliances, fn(Appliance $one): bool => $one->at !== null && $this->feeds->feed($this->house->point($one->at))->circuit?->id === $circuit);
                array_push($ids, ...array_map(fn(Appliance $one): string => $one->id, $here));
            }
        }

        return array_values(array_filter(array_map($this->house->findAppliance(...), array_unique($ids))));
    }

    /** @return list<Appliance> on the circuit of the trial */
    private function onCircuit(): array
    {
        $at = $this->actions[count($this->actions) - 1]->at;
        $circuit = $at->circuit ?? ($at->point === null ? null : $this->feeds->feed($this->house->point($at->point))->circuit?->id);

        return array_values(array_filter($this->house->appliances, fn(Appliance $one): bool => $one->at !== null && $this->feeds->feed($this->house->point($one->at))->circuit?->id === $circuit));
    }

    /** What happens when it stands still, null where nothing does. */
    private function atStake(Appliance $appliance): ?string
    {
        $serves = $appliance->at === null ? null : $this->house->point($appliance->at)->serves();

        return match (true) {
            $serves === Serves::SumpPump => 'Without it the pit fills: not while rain is forecast, and look at the water twice a day.',
            $appliance->class === ApplianceClass::Refrigeration->value, $serves === Serves::Refrigerator, $serves === Serves::Freezer
                => 'Food keeps for some hours with the door shut and no longer: empty it first, or run it on another outlet.',
            $appliance->critical === true => 'Something depends on it: ask before it is left off.',
            default => null,
        };
    }

    private function name(Action $action): string
    {
        return self::lower($this->house->findAppliance($action->at->appliance)->name ?? 'appliance');
    }

    private function outlet(Point $point): string
    {
        return self::lower($this->house->areaOf($point)->name) . ", \u{201c}{$point->name}\u{201d}";
    }

    private static function lower(string $name): string
    {
        return mb_strtolower(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }
}

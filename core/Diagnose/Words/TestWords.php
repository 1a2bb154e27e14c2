<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;

/** What was done and what it showed, in the words of the trade. */
final readonly class TestWords
{
    private const SEEN = ['wet' => 'wet', 'scorched' => 'scorched', 'cracked' => 'cracked', 'nicked' => 'nicked', 'bare_copper' => 'bare copper', 'loose' => 'loose', 'ground_on_neutral' => 'ground on a neutral'];
    private const BETWEEN = ['hn' => 'hot to neutral', 'hg' => 'hot to ground', 'ng' => 'neutral to ground'];

    public function __construct(private Places $places)
    {
    }

    public function test(Test $test): string
    {
        return "{$this->done($test->action)}: {$this->reading($test->action, $test->reading)}";
    }

    public static function seen(string $item): string
    {
        return self::SEEN[$item] ?? $item;
    }

    public static function between(string $slots): string
    {
        return self::BETWEEN[$slots] ?? $slots;
    }

    /** As a headline: what to do, or what was done. */
    public function done(Action $action): string
    {
        $at = $this->places->spot($action->at);

        return match ($action->kind) {
            ActionKind::Breaker => 'Turn ' . $at . ($action->on ? ' on' : ' off'),
            ActionKind::Reset => "Reset $at",
            ActionKind::PressTest => "Press TEST at $at",
            ActionKind::Indicator => $action->at->circuit === null ? "Look at the light of $at" : "Look at $at",
            ActionKind::Plug => "Plug in $at" . ($action->to === null ? '' : " at {$this->places->point($action->to)}"),
            ActionKind::Unplug => "Unplug $at",
            ActionKind::SwitchOn => "Switch on $at",
            ActionKind::SwitchOff => "Switch off $at",
            ActionKind::UnplugAll => "Unplug everything on $at",
            ActionKind::WithoutCord => ucfirst("$at without its cord set"),
            ActionKind::Move => "Move $at to {$this->places->point($action->to ?? '')}",
            ActionKind::Tester => "Tester in $at",
            ActionKind::TesterButton => "Press the tester's button in $at",
            ActionKind::Volts => ucfirst(self::between($action->between)) . " at $at",
            ActionKind::NonContact => "Non-contact tester at $at",
            ActionKind::Clamp => "Clamp round $at",
            ActionKind::Lift => $action->on ? "Put back the pair to {$this->places->end($action->pair ?? '')} at $at" : "Lift the pair to {$this->places->end($action->pair ?? '')} at $at",
            ActionKind::Insulation => "Measure the insulation of $at",
            ActionKind::Inspect => $action->at->appliance !== null ? "Look $at over" : "Look into the box of $at",
            ActionKind::Tighten => "Tighten the screws at $at",
            ActionKind::Wiggle => $action->at->appliance !== null ? "Wiggle plug and cord of $at" : "Wiggle a plug in $at, knock on it",
            ActionKind::SwapDevice => "Put a known good device in at $at",
            ActionKind::Wait => "Wait {$action->minutes} minutes",
            ActionKind::Trial => "Leave it in use for {$action->days} days",
            ActionKind::Residual => "Residual of $at",
            ActionKind::Walk => 'Walk round: what is dead',
        };
    }

    public function reading(Action $action, \stdClass $read): string
    {
        return match (true) {
            ($read->no_power ?? false) === true => 'no power',
            isset($read->holds) => $read->holds === true ? 'it held' : ($this->tripped($read) === [] ? 'it would not stay in' : "{$this->names($this->tripped($read))} tripped"),
            $action->kind === ActionKind::Walk || ($action->kind === ActionKind::Lift && is_array($read->dead ?? null) && $this->tripped($read) === []) => $this->dead($read),
            is_array($read->tripped ?? null) => $this->tripped($read) === [] ? (in_array($action->kind, [ActionKind::Unplug, ActionKind::UnplugAll, ActionKind::SwitchOff], true) || ($action->kind === ActionKind::Breaker && ! $action->on) ? 'done' : 'nothing tripped') : "{$this->names($this->tripped($read))} tripped",
            isset($read->hn) => $this->lamps($read),
            is_numeric($read->volts ?? null) => round((float) $read->volts, 1) . ' V',
            is_numeric($read->ma ?? null) => round((float) $read->ma, 2) . ' mA',
            property_exists($read, 'hg_ohms') || property_exists($read, 'ng_ohms') => $this->insulation($read),
            is_array($read->seen ?? null) => $read->seen === [] ? 'nothing to see' : implode(', ', array_map(fn(mixed $item): string => is_string($item) ? self::seen($item) : '', $read->seen)),
            isset($read->moved) => $read->moved === true ? 'one moved' : 'all firm',
            isset($read->glows) => $read->glows === true ? 'it glows' : 'dark',
            is_string($read->shows ?? null) => $read->shows,
            is_numeric($read->trips ?? null) => (int) $read->trips === 0 ? 'it never tripped' : "it tripped {$read->trips} " . ((int) $read->trips === 1 ? 'time' : 'times'),
            is_string($read->refused ?? null) => 'refused',
            default => 'done',
        };
    }

    private function lamps(\stdClass $read): string
    {
        $lit = array_keys(array_filter(['hot to neutral' => $read->hn ?? false, 'hot to ground' => $read->hg ?? false, 'neutral to ground' => $read->ng ?? false], fn(mixed $on): bool => $on === true));

        return $lit === ['hot to neutral', 'hot to ground'] ? '"correct"' : ($lit === [] ? 'no lamp lit' : 'lit ' . implode(' and ', $lit));
    }

    private function insulation(\stdClass $read): string
    {
        $hot = $read->hg_ohms ?? null;
        $neutral = $read->ng_ohms ?? null;
        $said = array_filter([is_numeric($hot) ? 'hot to ground ' . self::ohms((float) $hot) : null, is_numeric($neutral) ? 'neutral to ground ' . self::ohms((float) $neutral) : null], is_string(...));

        return $said === [] ? 'over range, sound' : implode(', ', $said);
    }

    private static function ohms(float $ohms): string
    {
        return $ohms >= 1000.0 ? round($ohms / 1000.0, 1) . ' kohm' : round($ohms, 1) . ' ohm';
    }

    private function dead(\stdClass $read): string
    {
        $dead = is_array($read->dead ?? null) ? array_values(array_filter($read->dead, is_string(...))) : [];

        return $dead === [] ? 'all live' : implode(', ', array_map($this->places->point(...), array_slice($dead, 0, 6))) . (count($dead) > 6 ? ' and ' . (count($dead) - 6) . ' more' : '') . ' dead';
    }

    /** @return list<string> */
    private function tripped(\stdClass $read): array
    {
        return is_array($read->tripped ?? null) ? array_values(array_filter($read->tripped, is_string(...))) : [];
    }

    /** @param list<string> $ids */
    private function names(array $ids): string
    {
        return implode(' and ', array_map($this->places->device(...), $ids));
    }
}

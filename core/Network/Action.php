<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** One thing done. */
final readonly class Action
{
    /** @param Spot $at where: what the keys `at`, `circuit`, `point`, `cable` and `appliance` of the file name */
    public function __construct(
        public ActionKind $kind,
        public Spot $at = new Spot(),
        public ?string $to = null,
        public ?string $pair = null,
        public bool $on = false,
        public string $between = 'hn',
        public bool $lowZ = false,
        public Conductor $conductor = Conductor::Hot,
        public float $minutes = 0.0,
        public int $days = 0,
    ) {
    }

    /** What tells one action from another, the same whatever a class is called: by it goes the order of what is equal otherwise. */
    public function text(): string
    {
        $at = [$this->at->point, $this->at->circuit, $this->at->cable, $this->at->atFrom ? 'from' : 'to', $this->at->appliance, $this->at->cord];

        return implode(' ', [$this->kind->value, ...$at, $this->to, $this->pair, $this->on ? 'on' : 'off', $this->between, $this->lowZ ? 'low' : 'high', $this->minutes, $this->days]);
    }

    /** Whether something is energised or run anew by it: then what comes and goes is drawn anew, and a device may open. */
    public function energises(): bool
    {
        return match ($this->kind) {
            ActionKind::Breaker => $this->on,
            ActionKind::Lift, ActionKind::Plug, ActionKind::Move, ActionKind::SwitchOn, ActionKind::WithoutCord, ActionKind::Reset, ActionKind::SwapDevice, ActionKind::Wait => true,
            default => false,
        };
    }
}

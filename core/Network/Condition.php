<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;

/** How a house stands at one moment: breakers, devices, what is plugged in and running, what is lifted, and what is wrong just now. */
final class Condition
{
    /** @var array<bool> breakers off by hand, by circuit id */
    public array $off = [];

    /** @var array<bool> devices and breakers whose contacts are open, by id */
    public array $open = [];

    /** @var array<string|null> where each appliance is plugged in, by its id */
    public array $plugged = [];

    /** @var array<bool> appliances that run, by id */
    public array $running = [];

    /** @var array<bool> appliances that no longer hang on their cord set, by id */
    public array $withoutCord = [];

    /** @var array<array<bool>> pairs lifted, by point id and cable id */
    public array $lifted = [];

    /** @var array{string, float}|null the tester's button held at a point, and its ohms from hot to ground */
    public ?array $button = null;

    /** @var list<ElectricalFault> what shows just now; no intermittents */
    public array $faults = [];

    private function __construct(public readonly TwoPoleBreakers $twoPole)
    {
    }

    /** As the file has it: every breaker on, nothing lifted. */
    public static function of(House $house): self
    {
        $condition = new self(TwoPoleBreakers::in($house));
        foreach ($house->appliances as $appliance) {
            $condition->plugged[$appliance->id] = $appliance->at;
            $condition->running[$appliance->id] = $appliance->isOn();
        }

        return $condition;
    }

    /** The contacts of a device or breaker open. */
    public function opens(string $id): void
    {
        foreach ($this->twoPole->together($id) as $one) {
            $this->open[$one] = true;
        }
    }

    public function closes(string $id): void
    {
        foreach ($this->twoPole->together($id) as $one) {
            unset($this->open[$one]);
        }
    }

    /** A breaker turned by its handle. Turned on it closes, be it tripped. */
    public function turns(string $circuit, bool $on): void
    {
        foreach ($this->twoPole->together($circuit) as $one) {
            if ($on) {
                unset($this->off[$one], $this->open[$one]);
            } else {
                $this->off[$one] = true;
            }
        }
    }

    /** Whether a pair is lifted at either end of its cable. */
    public function isLifted(Cable $cable): bool
    {
        return ($this->lifted[$cable->fromPoint() ?? ''][$cable->id] ?? false) || ($this->lifted[$cable->to->point][$cable->id] ?? false);
    }

    /** Whether anything can flow through a breaker. */
    public function conducts(string $circuit): bool
    {
        return ($this->off[$circuit] ?? false) === false && ($this->open[$circuit] ?? false) === false;
    }
}

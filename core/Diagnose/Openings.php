<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Likelihood;
use Bouclier\Core\Actions\World;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Network\Protector;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\Wear;

/**
 * Which devices and breakers open under a cause, how likely, and what that says of their thresholds, which nobody knows within 4 to 6 mA.
 */
final class Openings
{
    /** Ohms from which on no breaker opens at once. */
    private const SHORT_OHMS = 2.0;

    /** Times what is said of it, between which the threshold of a worn device is thought to lie. */
    private const WEAK = [0.2, 2.0];

    /** From this chance on a device would open if no other did first. */
    private const SURELY = 0.99;

    /** Weight below which a way things may go is not followed, and openings one after another that are. */
    private const LEAST = 0.01;
    private const DEEP = 4;

    /** Milliamperes of residual from which on it is no leakage of anything, but a current that comes back another way. */
    private const NO_LEAKAGE_MA = 100.0;

    /** Whether the cause can make a current that opens a breaker at once. */
    private readonly bool $mayShort;

    /** @var array<bool> devices that were changed for known good ones, by id */
    private array $replaced = [];

    /**
     * @param list<Fault> $faults
     * @param float $leakScale times the honest leakages
     */
    public function __construct(
        private readonly Foresight $foresight,
        private readonly array $faults,
        private readonly float $leakScale,
    ) {
        $this->mayShort = array_filter(
            $faults,
            fn(Fault $fault): bool => $fault->joinsConductors() || ($fault->resistor()->ohms ?? INF) < self::SHORT_OHMS,
        ) !== [];
    }

    public function isDead(string $device): bool
    {
        return $this->wears($device, Wear::Dead);
    }

    public function isStuck(string $device): bool
    {
        return $this->wears($device, Wear::Stuck);
    }

    /** A known good one in the place of a device. */
    public function replace(string $device): void
    {
        $this->replaced[$this->foresight->tripping->protector($device)->id ?? $device] = true;
    }

    public function isReplaced(string $device): bool
    {
        return isset($this->replaced[$this->foresight->tripping->protector($device)->id ?? $device]);
    }

    /**
     * The chance that each closed device or breaker opens now; those that surely hold are left out.
     *
     * @return array<array{float, float}> the chance, and milliamperes it sees, by its id
     */
    public function chances(World $world): array
    {
        $grid = $world->grid($this->foresight);
        $chances = [];
        foreach ($this->mayShort ? $this->foresight->tripping->shorted($grid) : [] as $breaker) {
            if (! $this->isStuck($breaker)) {
                $chances[$breaker] = [1.0, INF];
            }
        }
        if ($chances !== []) {
            return $chances;
        }
        foreach ($this->foresight->tripping->protective() as $one) {
            if ($this->isStuck($one->id) || isset($world->condition->open[$one->id])) {
                continue;
            }
            [$holds, $trips] = $this->threshold($world, $one);
            $enough = min($trips / $this->leakScale, self::NO_LEAKAGE_MA);
            $ma = $this->scaled($this->foresight->tripping->sees($grid, $one, $world->condition, $enough));
            if ($ma > $holds) {
                $chances[$one->id] = [$ma >= $trips ? 1.0 : ($ma - $holds) / ($trips - $holds), $ma];
            }
        }

        return $chances;
    }

    /** @return float milliamperes of residual, with the honest leakages as many times what is typical as the cause has them */
    public function scaled(float $ma): float
    {
        return $ma > 0.0 && $ma < self::NO_LEAKAGE_MA ? $ma * $this->leakScale : $ma;
    }

    /** @return array{float, float} */
    private function threshold(World $world, Protector $one): array
    {
        if (isset($world->thresholds[$one->id])) {
            return $world->thresholds[$one->id];
        }
        foreach ($this->faults as $fault) {
            if ($fault->wear() === Wear::Weak && $fault->at->device() === $one->id && ! isset($this->replaced[$one->id])) {
                return [self::WEAK[0] * ($fault->tripMa() ?? 2.0), self::WEAK[1] * ($fault->tripMa() ?? 2.0)];
            }
        }

        return match (true) {
            $one->tripMa === null => [INF, INF],
            $one->givesGfci => [Tripping::HOLDS_MA, Tripping::TRIPS_MA],
            default => [Tripping::ELEMENT_MA[0], Tripping::ELEMENT_MA[1]],
        };
    }

    /**
     * Everything opens that does, and nobody looks: each way it may go.
     *
     * @return non-empty-list<World>
     */
    public function settled(World $world, int $depth = 0): array
    {
        $chances = $depth > self::DEEP ? [] : $this->chances($world);
        if ($chances === []) {
            return [$world];
        }
        $none = 1.0;
        foreach ($chances as [$chance]) {
            $none *= 1.0 - $chance;
        }
        $ways = [];
        foreach ($this->firsts($world, $chances) as $id => $share) {
            if ((1.0 - $none) * $share * $world->weight > self::LEAST || ($none === 0.0 && $ways === [])) {
                $then = clone $world;
                $then->weight *= (1.0 - $none) * $share;
                $this->opensFirst($then, (string) $id, $chances);
                array_push($ways, ...$this->settled($then, $depth + 1));
            }
        }
        if ($none > 0.0) {
            $world->weight *= $none;
            foreach ($chances as $id => [, $ma]) {
                $this->learn($world, (string) $id, $ma, false);
            }
            $ways[] = $world;
        }

        return $ways === [] ? [$world] : $ways;
    }

    /**
     * What opened was seen: how likely that was goes into the weight.
     *
     * @param list<string> $tripped
     */
    public function observe(World $world, array $tripped): void
    {
        foreach ($tripped as $id) {
            $chances = $this->chances($world);
            $none = 1.0;
            foreach ($chances as [$chance]) {
                $none *= 1.0 - $chance;
            }
            $world->weight *= max(Likelihood::SLIP, (1.0 - $none) * ($this->firsts($world, $chances)[$id] ?? 0.0));
            $this->opensFirst($world, $id, $chances);
        }
        foreach ($this->chances($world) as $id => [$chance, $ma]) {
            $world->weight *= max(Likelihood::SLIP, 1.0 - $chance);
            $this->learn($world, (string) $id, $ma, false);
        }
    }

    /**
     * Which opens first when several may: the lowest threshold, which is known of those that were seen to open before others.
     *
     * @param array<array{float, float}> $chances
     *
     * @return array<float> shares that add up to one
     */
    private function firsts(World $world, array $chances): array
    {
        $shares = [];
        foreach ($chances as $id => [$chance]) {
            foreach ($chances as $other => [$otherChance]) {
                if ($otherChance >= self::SURELY && isset($world->before[$other][$id])) {
                    continue 2;
                }
            }
            $shares[$id] = $chance;
        }
        $sum = array_sum($shares);

        return array_map(fn(float $share): float => $share / $sum, $shares);
    }

    /** @param array<array{float, float}> $chances of what might have opened */
    private function opensFirst(World $world, string $id, array $chances): void
    {
        $this->learn($world, $id, $chances[$id][1] ?? INF, true);
        foreach ($chances as $other => [$chance]) {
            if ((string) $other !== $id && $chance >= self::SURELY) {
                $world->before[$id][$other] = true;
                unset($world->before[$other][$id]);
            }
        }
        $world->opens($id);
    }

    /** A device that held has a threshold above what it saw, one that opened below. */
    private function learn(World $world, string $id, float $ma, bool $opened): void
    {
        $one = $this->foresight->tripping->protector($id);
        if ($one === null || $one->tripMa === null || ! is_finite($ma)) {
            return;
        }
        [$holds, $trips] = $this->threshold($world, $one);
        if ($ma > $holds && $ma < $trips) {
            $world->thresholds[$id] = $opened ? [$holds, $ma] : [$ma, $trips];
        }
    }

    private function wears(string $device, Wear $wear): bool
    {
        $id = $this->foresight->tripping->protector($device)->id ?? $device;
        if (isset($this->replaced[$id])) {
            return false;
        }
        foreach ($this->faults as $fault) {
            if ($fault->wear() === $wear && $fault->at->device() === $id) {
                return true;
            }
        }

        return false;
    }
}

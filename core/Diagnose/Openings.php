<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Likelihood;
use Bouclier\Core\Actions\Supposed;
use Bouclier\Core\Actions\World;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\Network\HouseGrid;
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

    /** Below this chance a device surely holds. */
    private const HARDLY = 0.002;

    /** From this chance on a device would open if no other did first. */
    private const SURELY = 0.99;

    /** Weight below which a way things may go is not followed, and openings one after another that are. */
    private const LEAST = 0.01;
    private const DEEP = 4;

    /** Milliamperes of residual from which on it is no leakage of anything, but a current that comes back another way. */
    private const NO_LEAKAGE_MA = 100.0;

    /** Part of how far it may be off that a residual still may, from which on nothing is learnt of it. */
    private const SAYS_NOTHING = 0.99;

    /** Standard deviations above which a residual is not thought to lie. */
    private const FAR = 3.0;

    /** Whether the cause can make a current that opens a breaker at once. */
    private readonly bool $mayShort;

    /** @var array<bool> devices that were changed for known good ones, by id */
    private array $replaced = [];

    /**
     * @param list<Fault> $faults
     * @param bool $leaks whether what is in order leaks anything
     */
    public function __construct(
        private readonly Foresight $foresight,
        private readonly array $faults,
        private readonly bool $leaks = true,
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
     * @return array<array{float, Supposed}> the chance, and milliamperes it sees, by its id
     */
    public function chances(World $world): array
    {
        $grid = $world->grid($this->foresight);
        $chances = [];
        foreach ($this->mayShort ? $this->foresight->tripping->shorted($grid) : [] as $breaker) {
            if (! $this->isStuck($breaker)) {
                $chances[$breaker] = [1.0, new Supposed(INF)];
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
            if (! $this->foresight->tripping->canOpen($grid, $one)) {
                continue;
            }
            $seen = $one->tripMa === null ? new Supposed(0.0) : $this->residual($world, $one->id, $grid);
            if (
                $seen->ma < $trips + self::FAR * $seen->off
                && $this->foresight->tripping->opensAtAnyThreshold($grid, $one, $world->condition)
            ) {
                $seen = new Supposed(INF);
            }
            $chance = (new TripChance($seen->ma, $seen->off, $holds, $trips))->opens();
            if ($chance > self::HARDLY) {
                $chances[$one->id] = [$chance, $seen];
            }
        }

        return $chances;
    }

    /** What the sensor of a device sees, as appliances leak. */
    public function residual(World $world, string $device, ?HouseGrid $grid = null): Supposed
    {
        $grid ??= $world->grid($this->foresight);

        return $this->supposed($device, $grid->residualPhasor($device), $grid, $world);
    }

    /** @return array<string, Supposed> what flows through a cable, of all conductors together and of each */
    public function through(World $world, string $cable, ?HouseGrid $grid = null): array
    {
        $grid ??= $world->grid($this->foresight);

        $read = [];
        foreach ($this->foresight->instruments->through($grid, $cable) as $key => $amperes) {
            // What leaks goes out by the hot, and does not come back by the neutral.
            $read[$key] = $key === 'neutral_ma'
                ? new Supposed(1000.0 * Arithmetic::magnitude(...$amperes))
                : $this->supposed($cable, $amperes, $grid, $world);
        }

        return $read;
    }

    /** @param array{float, float} $amperes */
    private function supposed(string $way, array $amperes, HouseGrid $grid, World $world): Supposed
    {
        $ma = 1000.0 * Arithmetic::magnitude(...$amperes);

        return match (true) {
            $ma >= self::NO_LEAKAGE_MA => new Supposed($ma),
            ! $this->leaks => new Supposed(0.0),
            default => $this->foresight->leakages->supposed($way, $amperes, $grid, $world->condition, $world->leakages),
        };
    }

    /** @return array{float, float} */
    private function threshold(World $world, Protector $one): array
    {
        if (isset($world->thresholds[$one->id])) {
            return $world->thresholds[$one->id];
        }
        foreach ($world->shows ? $this->faults : [] as $fault) {
            if ($fault->wear() === Wear::Weak && $fault->at->device() === $one->id && ! isset($this->replaced[$one->id])) {
                $ma = $fault->opensByItself() ? 0.0 : $fault->tripMa() ?? 2.0;

                return [self::WEAK[0] * $ma, self::WEAK[1] * $ma];
            }
        }

        return match (true) {
            $one->tripMa === null => [INF, INF],
            $one->givesGfci => [Tripping::HOLDS_MA, Tripping::TRIPS_MA],
            default => [Tripping::ELEMENT_MA[0], Tripping::ELEMENT_MA[1]],
        };
    }

    /** @return array<float> the chance that each device or breaker opens now, and first, by its id */
    public function firstToOpen(World $world): array
    {
        return $this->firsts($world, $this->chances($world));
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
        $none = self::none($chances);
        $ways = [];
        foreach ($this->firsts($world, $chances) as $id => $first) {
            if ($first * $world->weight > self::LEAST || ($none === 0.0 && $ways === [])) {
                $then = clone $world;
                $then->weight *= $first;
                $this->opensFirst($then, (string) $id, $chances);
                array_push($ways, ...$this->settled($then, $depth + 1));
            }
        }
        if ($none > 0.0) {
            $world->weight *= $none;
            foreach ($chances as $id => [, $seen]) {
                $this->learn($world, (string) $id, $seen, false);
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
            $world->weight *= max(Likelihood::SLIP, $this->firsts($world, $chances)[$id] ?? 0.0);
            $this->opensFirst($world, $id, $chances);
        }
        foreach ($this->chances($world) as $id => [$chance, $seen]) {
            $world->weight *= max(Likelihood::SLIP, 1.0 - $chance);
            $this->learn($world, (string) $id, $seen, false);
        }
    }

    /**
     * Which opens first when several may: the lowest threshold, which is known of those that were seen to open before others.
     *
     * @param array<array{float, Supposed}> $chances
     *
     * @return array<float> the chance of each that it opens, and first
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
        $some = (1.0 - self::none($chances)) / max(1e-12, array_sum($shares));

        return array_map(fn(float $share): float => $some * $share, $shares);
    }

    /** @param array<array{float, Supposed}> $chances */
    private static function none(array $chances): float
    {
        $none = 1.0;
        foreach ($chances as [$chance]) {
            $none *= 1.0 - $chance;
        }

        return $none;
    }

    /** @param array<array{float, Supposed}> $chances of what might have opened */
    private function opensFirst(World $world, string $id, array $chances): void
    {
        $this->learn($world, $id, $chances[$id][1] ?? new Supposed(INF), true);
        foreach ($chances as $other => [$chance]) {
            if ((string) $other !== $id && $chance >= self::SURELY) {
                $world->before[$id][$other] = true;
                unset($world->before[$other][$id]);
            }
        }
        $world->opens($id);
    }

    /** What it did says something of its threshold, and of what leaks. */
    private function learn(World $world, string $id, Supposed $seen, bool $opened): void
    {
        $one = $this->foresight->tripping->protector($id);
        if ($one === null || $one->tripMa === null || ! is_finite($seen->ma)) {
            return;
        }
        $bounds = $this->threshold($world, $one);
        [$ma, $off, $holds, $trips] = (new TripChance($seen->ma, $seen->off, ...$bounds))->seen($opened);
        if ([$holds, $trips] !== $bounds) {
            $world->thresholds[$id] = [$holds, $trips];
        }
        $left = $seen->off > 0.0 ? $off / $seen->off : 1.0;
        // What was hardly in question says nothing.
        if ($left < self::SAYS_NOTHING) {
            $world->leakages = $world->leakages->told($seen->along, $ma - $seen->ma, $left * $left);
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

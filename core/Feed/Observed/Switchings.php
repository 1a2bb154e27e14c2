<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/**
 * What was turned at the panels, read back: a circuit is off while its own breaker, that of a feeder above it, or the main of a panel on
 * the way is.
 */
final class Switchings
{
    /**
     * Entries by what was turned, in the order it was done: what a phone filed without a signal may have come in later than what was done
     * after it. In one second they stand as they were written.
     *
     * @var array<list<Switched>>
     */
    private array $turned = [];

    public function __construct(private readonly House $house)
    {
        foreach ($house->entries->all(Switched::class) as $entry) {
            $what = match (true) {
                $entry->circuit !== null => self::circuit($entry->circuit),
                $entry->panel !== null => self::main($entry->panel),
                default => null,
            };
            if ($what !== null) {
                $this->turned[$what][] = $entry;
            }
        }
        foreach ($this->turned as $what => $entries) {
            $this->turned[$what] = self::inTime($entries);
        }
    }

    /**
     * @param list<Switched> $entries
     *
     * @return list<Switched> one without a time stays behind what it was written after
     */
    private static function inTime(array $entries): array
    {
        $at = PHP_INT_MIN;
        $timed = [];
        foreach ($entries as $entry) {
            $at = Moment::seconds($entry->atTime) ?? $at;
            $timed[] = [$at, $entry];
        }
        usort($timed, fn(array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($timed, 1);
    }

    public function isOff(Circuit $circuit): bool
    {
        return $this->offBy($circuit) !== null;
    }

    public function isMainOff(string $panel): bool
    {
        return $this->stands(self::main($panel))?->on === false;
    }

    /** The last time somebody turned its breaker, or what stands above it and is off. */
    public function last(Circuit $circuit): ?Switched
    {
        return $this->offBy($circuit) ?? $this->stands(self::circuit($circuit->id));
    }

    /** @param int|null $seconds whether it was off then; null for whether it is now */
    public function wasOff(Circuit $circuit, ?int $seconds): bool
    {
        if ($seconds === null) {
            return $this->isOff($circuit);
        }
        foreach ($this->above($circuit) as $what) {
            $stood = null;
            foreach ($this->turned[$what] ?? [] as $entry) {
                $at = Moment::seconds($entry->atTime);
                $stood = $at === null || $at <= $seconds ? $entry : $stood;
            }
            if ($stood?->on === false) {
                return true;
            }
        }

        return false;
    }

    /** @return int|null seconds, since when it has been off without a break */
    public function offSince(Circuit $circuit): ?int
    {
        $since = null;
        foreach ($this->above($circuit) as $what) {
            if ($this->stands($what)?->on === false) {
                $at = Moment::seconds($this->offSinceOf($what)?->atTime);
                $since = $at === null ? $since : min($since ?? $at, $at);
            }
        }

        return $since;
    }

    /** @return int|null seconds, when it was last turned on, be it off again since */
    public function lastOn(Circuit $circuit): ?int
    {
        $last = null;
        foreach ($this->above($circuit) as $what) {
            foreach ($this->turned[$what] ?? [] as $entry) {
                $at = $entry->on ? Moment::seconds($entry->atTime) : null;
                $last = $at === null ? $last : max($last ?? $at, $at);
            }
        }

        return $last;
    }

    private function offBy(Circuit $circuit): ?Switched
    {
        foreach ($this->above($circuit) as $what) {
            if ($this->stands($what)?->on === false) {
                return $this->stands($what);
            }
        }

        return null;
    }

    private function stands(string $what): ?Switched
    {
        $entries = $this->turned[$what] ?? [];

        return $entries === [] ? null : $entries[count($entries) - 1];
    }

    /** The first of the entries that say it is off, with none between them that says it is on. */
    private function offSinceOf(string $what): ?Switched
    {
        $first = null;
        foreach (array_reverse($this->turned[$what] ?? []) as $entry) {
            if ($entry->on) {
                break;
            }
            $first = $entry;
        }

        return $first;
    }

    /** @return list<string> its own breaker, those of the feeders above it, and the mains of their panels */
    private function above(Circuit $circuit): array
    {
        $all = [];
        foreach ($this->house->withFeeders($circuit) as $one) {
            array_push($all, self::circuit($one->id), self::main($one->panel));
        }

        return $all;
    }

    private static function circuit(string $id): string
    {
        return "circuit $id";
    }

    private static function main(string $panel): string
    {
        return "panel $panel";
    }
}

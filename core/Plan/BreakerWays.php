<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/** Which breakers circuits may get: what is there, and what is made for them. */
final readonly class BreakerWays
{
    private const PROTECTIVE = [BreakerType::Gfci, BreakerType::Afci, BreakerType::Dual];

    /** @var array<true> circuits that feed a panel, by id */
    private array $feeders;

    public function __construct(private House $house)
    {
        $feeders = [];
        foreach ($house->panels as $panel) {
            if ($panel->fedFrom !== null) {
                $feeders[$panel->fedFrom] = true;
            }
        }
        $this->feeders = $feeders;
    }

    /** @return list<BreakerType> kinds a branch circuit may be given: no AFCI breaker is made for 240 V */
    public static function madeFor(Circuit $circuit): array
    {
        return [BreakerType::Standard, ...($circuit->isOfBothLegs() ? [BreakerType::Gfci] : self::PROTECTIVE)];
    }

    /** @return list<Circuit> feeders whose GFCI protects all of a sub-panel */
    public function protectiveFeeders(): array
    {
        return array_values(array_filter(
            $this->house->circuits,
            fn(Circuit $circuit): bool => isset($this->feeders[$circuit->id]) && $circuit->breaker()->givesGfci(),
        ));
    }

    /**
     * @param list<string> $unprotected feeders that get a plain breaker, by id
     *
     * @return list<BreakerChoice> for the circuits of a group, where no GFCI breaker is behind another
     */
    public function for(RunGroup $group, array $unprotected): array
    {
        $ways = [new BreakerChoice()];
        $done = [];
        foreach ($group->circuits as $circuit) {
            if (isset($done[$circuit->id])) {
                continue;
            }
            $other = $this->house->otherHalf($circuit);
            $done[$circuit->id] = true;
            if ($other !== null) {
                $done[$other->id] = true;
            }
            $own = $other === null ? $this->single($circuit, $unprotected) : $this->halves($circuit, $other);
            $all = [];
            foreach ($ways as $way) {
                foreach ($own as $one) {
                    $all[] = $way->and($one);
                }
            }
            $ways = $all;
        }

        return array_values(array_filter(array_map(
            fn(BreakerChoice $way): ?BreakerChoice => $this->reset($way, $group, $unprotected),
            $ways,
        )));
    }

    /**
     * With where each GFCI is reset.
     *
     * @param list<string> $unprotected
     *
     * @return BreakerChoice|null null where one is behind another
     */
    private function reset(BreakerChoice $way, RunGroup $group, array $unprotected): ?BreakerChoice
    {
        $areas = [];
        foreach ($group->circuits as $circuit) {
            $guards = [];
            foreach ($this->house->withFeeders($circuit) as $above => $one) {
                $gives = $above === 0
                    ? $way->gives($one, Protection::Gfci)
                    : $one->breaker()->givesGfci() && ! in_array($one->id, $unprotected, true);
                if ($gives) {
                    $guards[] = $this->house->panel($one->panel)->area ?? '';
                }
            }
            if (count($guards) > 1) {
                return null;
            }
            if ($guards !== []) {
                $areas[$circuit->id] = $guards[0];
            }
        }

        return $way->resetIn($areas);
    }

    /**
     * @param list<string> $unprotected
     *
     * @return list<BreakerChoice>
     */
    private function single(Circuit $circuit, array $unprotected): array
    {
        $types = match (true) {
            $circuit->breaker() === BreakerType::Fuse => [],
            // A feeder gets no GFCI: one trip would darken the whole of its panel.
            isset($this->feeders[$circuit->id]) => [BreakerType::Standard],
            default => self::madeFor($circuit),
        };
        $types = array_filter($types, fn(BreakerType $type): bool => $type !== $circuit->breaker());
        if (isset($this->feeders[$circuit->id]) && $circuit->breaker()->givesGfci()) {
            return [in_array($circuit->id, $unprotected, true) ? self::bought($circuit, BreakerType::Standard) : self::kept($circuit)];
        }

        return [self::kept($circuit), ...array_values(array_map(
            fn(BreakerType $type): BreakerChoice => self::bought($circuit, $type),
            $types,
        ))];
    }

    /**
     * On a neutral they share a protective breaker is one of two poles, or it does not hold.
     *
     * @return list<BreakerChoice>
     */
    private function halves(Circuit $one, Circuit $other): array
    {
        $now = $this->house->onOneBreaker($one)?->id === $other->id;
        $hold = ! $this->house->missesOtherHalf($one) && ! $this->house->missesOtherHalf($other);
        $ways = match (true) {
            $now => [new BreakerChoice([$one->id => $one->breaker(), $other->id => $other->breaker()], poles: [[$one, $other]])],
            $hold => [self::kept($one)->and(self::kept($other))],
            default => [],
        };
        if ($now || ! $hold) {
            $ways[] = self::plain($one)->and(self::plain($other));
        }
        if (! in_array(BreakerType::Fuse, [$one->breaker(), $other->breaker()], true)) {
            foreach (self::PROTECTIVE as $type) {
                if (! $now || $one->breaker() !== $type || $other->breaker() !== $type) {
                    $ways[] = new BreakerChoice(
                        [$one->id => $type, $other->id => $type],
                        [$one->id => true, $other->id => true],
                        [Item::twoPole($type)],
                        [[$one, $other]],
                    );
                }
            }
        }

        return $ways;
    }

    private static function plain(Circuit $circuit): BreakerChoice
    {
        return $circuit->breaker()->isProtective() ? self::bought($circuit, BreakerType::Standard) : self::kept($circuit);
    }

    private static function kept(Circuit $circuit): BreakerChoice
    {
        return new BreakerChoice([$circuit->id => $circuit->breaker()], poles: [[$circuit]]);
    }

    private static function bought(Circuit $circuit, BreakerType $type): BreakerChoice
    {
        return new BreakerChoice([$circuit->id => $type], [$circuit->id => true], [Item::breaker($type)], [[$circuit]]);
    }
}

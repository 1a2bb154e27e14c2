<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Light;

/** What was done in a call, one after another, with how the house stood each time as far as anybody saw. */
final readonly class TestsDone
{
    /** Parts of two figures, and what is added, by which they may differ and are still one reading. */
    private const LIKE = [0.03, 0.6];

    /** @var list<Condition> how the house stood before each test, and after the last */
    private array $stood;

    /** @var list<bool> whether each test adds nothing to one before it */
    private array $repeats;

    private House $house;

    private FeedMap $feeds;

    /** @param list<Test> $all */
    public function __construct(Foresight $foresight, public array $all)
    {
        $this->house = $foresight->house;
        $this->feeds = $foresight->feeds;
        $now = Condition::of($this->house);
        $stood = [clone $now];
        $done = $repeats = $replaced = [];
        foreach ($all as $test) {
            // A known good device in the place of another is another house.
            $key = serialize([$test->action->text(), self::stands($now), $replaced]);
            $like = array_filter($done[$key] ?? [], fn(Reading $before): bool => self::isLike($before, $test->reading));
            $repeats[] = $test->action->days() === 0 && $like !== [];
            $done[$key][] = $test->reading;
            $replaced = $test->action->replaces() === null ? $replaced : [...$replaced, $test->action->replaces()];
            $test->action->does($now, $this->feeds);
            $closes = $test->action->closes();
            if ($closes !== null && $test->reading->flag('holds') === true) {
                $now->closes($closes);
            }
            array_map($now->opens(...), $test->reading->tripped());
            $stood[] = clone $now;
        }
        $this->stood = $stood;
        $this->repeats = $repeats;
    }

    /**
     * Whether the same was done before, with the house as it stood then, and showed the same: it adds nothing, but of what comes and goes.
     */
    public function isRepeat(int $number): bool
    {
        return $this->repeats[$number];
    }

    /** Whether its LINE was read live, or its light can only be lit with LINE live. The hot of a breaker is the bus. */
    public function lineSeenLive(string $device): bool
    {
        if (! $this->house->hasPoint($device)) {
            return true;
        }
        $feed = $this->feeds->feed($this->house->point($device))->cable;
        $isLit = fn(Test $test): bool => $test->action->at->device() === $device
            && ! in_array($test->reading->text('shows'), [null, Light::Nothing->value], true);

        return isset($this->sight(false)->ends[$feed->id ?? '']) || array_filter($this->all, $isLit) !== [];
    }

    /** Whether it would not stay in while nothing hung on its LOAD. */
    public function failedWithLoadOff(string $device): bool
    {
        foreach ($this->all as $number => $test) {
            if (
                $test->action->closes() === $device
                && $test->reading->flag('holds') === false
                && $test->reading->tripped() === []
                && $this->loadOn($device, $this->stood[$number]) === []
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Cable> what hangs on its LOAD, and is not lifted now */
    public function loadOnNow(string $device): array
    {
        return $this->loadOn($device, $this->stood[count($this->all)]);
    }

    /** @return list<Cable> what hangs on its LOAD, or leaves a breaker */
    public function loadOf(string $device): array
    {
        return array_values(
            $this->house->hasPoint($device)
                ? array_filter(
                    $this->feeds->cablesOutOf($this->house->point($device)),
                    fn(Cable $cable): bool => $cable->landingAtStart()?->isLoad() === true,
                )
                : array_filter($this->house->cables, fn(Cable $cable): bool => $cable->leaves($device)),
        );
    }

    /** Whether a current was measured on its way or through it; or days went by with a known good one in its place. */
    public function isMeasured(string $device): bool
    {
        $isSwapped = false;
        foreach ($this->all as $test) {
            $cable = $this->house->findCable($test->action->at->cable);
            $isOnItsWay = $cable !== null
                && ($cable->to->point === $device || $cable->fromPoint() === $device || $cable->leaves($device));
            if ($test->action->days() > 0 && $isSwapped) {
                return true;
            }
            $isSwapped = $isSwapped || $test->action->replaces() === $device;
            if (($isOnItsWay && $test->action->measures()) || isset(($test->reading->numbers('residual_ma') ?? [])[$device])) {
                return true;
            }
        }

        return false;
    }

    /** Whether the last thing that was done was to close something, and it held. */
    public function isClosedLast(): bool
    {
        $last = $this->all[count($this->all) - 1] ?? null;

        return $last !== null
            && ($last->action->closes() !== null || $last->action->turns() !== null)
            && $last->reading->flag('holds') !== false
            && $last->reading->tripped() === [];
    }

    /** Whether an outlet was seen live since anything was last closed. */
    public function isSeenLive(string $point): bool
    {
        return $this->seen($point) === true;
    }

    public function isSeenDead(string $point): bool
    {
        return $this->seen($point) === false;
    }

    /** @return bool|null whether it was live when it was last looked at, nothing having been closed since; null where nobody looked */
    private function seen(string $point): ?bool
    {
        return $this->sight(true)->points[$point] ?? null;
    }

    /** @param bool $isSince only what was seen since anything was closed or turned last */
    private function sight(bool $isSince): SeenLive
    {
        $sight = new SeenLive();
        foreach ($this->all as $test) {
            if ($isSince && ($test->action->closes() !== null || $test->action->turns() !== null)) {
                $sight = new SeenLive();
            }
            $test->action->sees($test->reading, $sight);
            $sight->dead($test->reading->listed('dead') ?? []);
        }

        return $sight;
    }

    /** @return list<Cable> */
    private function loadOn(string $device, Condition $stood): array
    {
        return array_values(array_filter($this->loadOf($device), fn(Cable $cable): bool => ! $stood->isLifted($cable)));
    }

    private static function isLike(Reading $one, Reading $other): bool
    {
        $list = fn(Reading $reading): mixed => json_decode((string) json_encode($reading->toData()), true);

        return ! $one->isEmpty() && self::isLikeData($list($one), $list($other));
    }

    private static function isLikeData(mixed $one, mixed $other): bool
    {
        if (is_array($one) && is_array($other)) {
            return array_keys($one) === array_keys($other)
                && array_filter(array_map(self::isLikeData(...), $one, $other), fn(bool $is): bool => ! $is) === [];
        }

        return (is_int($one) || is_float($one)) && (is_int($other) || is_float($other))
            ? abs($one - $other) <= self::LIKE[0] * max(abs($one), abs($other)) + self::LIKE[1]
            : $one === $other;
    }

    /** @return list<array<mixed>> what tells one way a house stands from another */
    private static function stands(Condition $stood): array
    {
        $lifted = array_map(fn(array $pairs): array => array_filter($pairs, fn(bool $is): bool => $is), $stood->lifted);
        $lists = [$stood->off, $stood->open, $stood->plugged, $stood->running, $stood->withoutCord, $lifted];
        foreach ($lists as &$list) {
            $list = array_filter($list, fn(mixed $one): bool => $one !== null && $one !== false && $one !== []);
            ksort($list);
        }

        return $lists;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\SymptomKind;

/** A test of a call, with what was dead as it was begun: that cannot die of it, nor open. */
final readonly class CallTest
{
    /**
     * @param string $do the action, as in the house file
     * @param string|null $at where it was done: a point or a circuit
     * @param list<string>|null $deadBefore points and devices without power, as far as the tests before tell; null where one before it
     *     turned something off and nobody walked the house since
     */
    private function __construct(
        public string $do,
        public ?string $at,
        public Loose $reading,
        public ?array $deadBefore,
        public ?string $atTime,
    ) {
    }

    /** @return list<self> of the calls that are closed, then of the one that is open */
    public static function all(House $house): array
    {
        $closed = array_map(
            fn(ClosedCall $call): array => self::of($call->symptom, $call->tests ?? []),
            $house->entries->all(ClosedCall::class),
        );

        return [...array_merge([], ...$closed), ...self::open($house)];
    }

    /** @return list<self> of the call that is open */
    public static function open(House $house): array
    {
        return self::of($house->call->symptom, $house->entries->all(TestDone::class));
    }

    public function mayHaveBeenDead(string $id): bool
    {
        return $this->deadBefore === null || in_array($id, $this->deadBefore, true);
    }

    /**
     * @param list<TestDone> $tests
     *
     * @return list<self>
     */
    private static function of(?Complaint $about, array $tests): array
    {
        $isDead = in_array($about?->kind, [SymptomKind::Dead, SymptomKind::WillNotReset], true);
        $dead = $isDead && $about->at !== null ? [$about->at] : [];
        $all = [];
        foreach ($tests as $done) {
            $do = $done->action->text('do') ?? '';
            $place = $done->action->spot('at');
            $test = new self($do, $place->point ?? $place->circuit ?? null, $done->reading, $dead, $done->atTime);
            $all[] = $test;
            $dead = $test->deadAfter($done->action->flag('on') === false);
        }

        return $all;
    }

    /** @return list<string>|null */
    private function deadAfter(bool $turnsOff): ?array
    {
        return match (true) {
            $this->do === 'press_test', $this->do === 'walk' => $this->reading->listed('dead') ?? [],
            $this->do === 'reset' && $this->reading->flag('no_power') === true => $this->at === null || $this->deadBefore === null
                ? $this->deadBefore
                : [...$this->deadBefore, $this->at],
            $this->do === 'breaker' && $turnsOff => null,
            // What came back, nobody looked at: it is taken that all did.
            $this->do === 'reset', $this->do === 'breaker' => [],
            default => $this->deadBefore,
        };
    }
}

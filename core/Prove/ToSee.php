<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Lamps;

/** One thing to be seen in a round of tests, and what was seen of it since the work. */
final readonly class ToSee
{
    /**
     * @param list<Point> $dead what TEST must make dead: itself first, then what hangs on it
     * @param list<Point> $alive some that must stay alive, on the same breaker
     * @param Lamps|null $lamps that a tester should show there
     * @param float|null $volts that it should read, hot to neutral
     * @param float|null $limitMs milliseconds the device may take
     * @param string|null $why what is not asked there, and why
     * @param int $since seconds since 1970 from which on it counts
     * @param RoundAnswer|null $answer the last one since
     */
    public function __construct(
        public RoundStep $step,
        public Point|Circuit $at,
        public int $since,
        public ?Half $half = null,
        public array $dead = [],
        public array $alive = [],
        public ?Lamps $lamps = null,
        public ?float $volts = null,
        public ?float $limitMs = null,
        public ?string $why = null,
        public ?RoundAnswer $answer = null,
    ) {
    }

    /** What tells it from the others of the house. */
    public function key(): string
    {
        return self::named($this->step, $this->at->id, $this->half);
    }

    public static function named(RoundStep $step, string $at, ?Half $half): string
    {
        return trim("{$step->value} $at " . ($half->value ?? ''));
    }

    public function state(): Proof
    {
        return match ($this->answer?->asExpected) {
            null => Proof::Open,
            true => Proof::Proved,
            false => Proof::Failed,
        };
    }

    /** Whether it is so common a reading that a room of them may be seen at one glance. */
    public function isRoutine(): bool
    {
        return $this->step === RoundStep::Lamps || $this->step === RoundStep::Runs;
    }
}

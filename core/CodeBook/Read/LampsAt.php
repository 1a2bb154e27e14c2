<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Read;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Network\PlugInTester;

/** The lamps of a plug-in tester as they were read last in one half of an outlet. */
final readonly class LampsAt
{
    /** @param float|null $volts hot to neutral, where the tester shows them */
    private function __construct(
        public ?Half $half,
        public Lamps $lamps,
        public ?string $atTime,
        public ?string $who,
        public ?float $volts = null,
    ) {
    }

    /** @return array<non-empty-array<self>> by point, and half */
    public static function last(House $house): array
    {
        $last = [];
        $note = function (string $point, self $read) use (&$last): void {
            $half = $read->half->value ?? '';
            $before = $last[$point][$half] ?? null;
            $seconds = Moment::seconds($read->atTime);
            if ($before === null || $seconds === null || $seconds >= (Moment::seconds($before->atTime) ?? 0)) {
                $last[$point][$half] = $read;
            }
        };
        foreach ($house->entries->all(MeterReading::class) as $read) {
            if ($read->point !== null && $read->lamps !== null) {
                $lamps = new Lamps($read->lamps->hn, $read->lamps->hg, $read->lamps->ng);
                $note($read->point, new self($read->half, $lamps, $read->atTime, $read->who, $read->volts));
            }
        }
        foreach ($house->entries->all(TestDone::class) as $test) {
            $point = $test->action->spot('at')?->point;
            [$hn, $hg, $ng] = array_map($test->reading->flag(...), ['hn', 'hg', 'ng']);
            if ($test->action->text('do') === 'tester' && $point !== null && $hn !== null && $hg !== null && $ng !== null) {
                $half = Half::tryFrom($test->action->text('half') ?? '');
                $note($point, new self($half, new Lamps($hn, $hg, $ng), $test->atTime, $test->who));
            }
        }

        return $last;
    }

    /**
     * What it should have read: as the model has the house, and without a ground where none is recorded. Of what nothing is known to feed,
     * it is taken that something does.
     */
    public static function expected(Context $context, Point $point): Lamps
    {
        $isFed = $context->feeds->feed($point)->origins !== [];
        $model = $isFed
            ? $context->expected()->lampsAt($point)
            : PlugInTester::lamps([$context->house->supplyVolts(), 0.0, 0.0]);

        return self::promisesGround($point) ? $model : PlugInTester::lamps([$model->hn ? $context->house->supplyVolts() : null, 0.0, null]);
    }

    /** Whether a tester's button has a hot that leaks into a ground there, as far as it is recorded. */
    public static function hasGround(Context $context, Point $point): bool
    {
        return $point->isGrounded() && self::expected($context, $point)->hg;
    }

    public function isWrongAt(Context $context, Point $point): bool
    {
        $isDark = ! $this->lamps->hn && ! $this->lamps->hg && ! $this->lamps->ng;
        // A half that a switch turns is dark while it is off.
        $isSwitched = $isDark && $this->half !== null && $point->halves?->switched === $this->half;

        return ! $isSwitched
            && ! $this->lamps->equals(self::expected($context, $point))
            && ! ($isDark && $this->isOff($context, $point));
    }

    /** Three holes promise a ground, and a ground that nobody has looked for is taken to be there. */
    private static function promisesGround(Point $point): bool
    {
        return $point->slots() === 3 && ! in_array($point->ground, [GroundPath::None, GroundPath::Broken], true);
    }

    /** Whether its breaker was off as it was read, as far as it was noted: then it says nothing of the wiring. */
    private function isOff(Context $context, Point $point): bool
    {
        $circuit = $context->feeds->feed($point)->circuit;
        $switchings = $context->once('switchings', fn(): Switchings => new Switchings($context->house));

        return $circuit !== null && $switchings->wasOff($circuit, Moment::seconds($this->atTime));
    }
}

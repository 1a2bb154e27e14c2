<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Check;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Read\RoundFailed;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\Feed\Observed\DeviceTested;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\Moment;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/** What the buttons showed of a protective device: that it does not open, does not come back, or takes too long (UL 943). */
abstract class ButtonTests implements Check
{
    use Found;

    final public function finds(): array
    {
        return [
            'test_failed' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true),
            'trip_slow' => new Finds(Hazard::Shock, Clauses::none()),
        ];
    }

    /**
     * @param string $spoken the device or breaker it is about
     * @param \Closure(): bool $reaches whether a tester's button should open something there; asked where one did not
     * @param bool $isTimed whether it is a GFCI, whose time has a limit
     *
     * @return list<Finding>
     */
    final protected function of(
        string $at,
        string $spoken,
        Context $context,
        \Closure $reaches,
        bool $isTimed,
        ?string $circuit = null,
    ): array {
        $found = [];
        foreach ($context->once('tests of devices', fn(): array => DeviceTested::last($context->house)) as $test) {
            if ($test->at !== $at) {
                continue;
            }
            $why = self::failure($test, $spoken, $reaches);
            if ($why !== null) {
                $found[] = $this->found('test_failed', $context, Severity::Error, $why, circuit: $circuit);
            }
            $ma = Tripping::buttonMa($context->house->supplyVolts());
            $share = $isTimed && $test->ms !== null ? TripTime::share($test->ms, $ma) : null;
            $first = $context->once("trip times of $at", fn(): array => DeviceTested::times($context->house, $at))[0] ?? null;
            if ($share !== null && $share <= TripTime::SLOW_SHARE && $first !== null && ($test->ms ?? 0.0) >= TripTime::DRIFT * $first) {
                $found[] = $this->found(
                    'trip_slow',
                    $context,
                    Severity::Advice,
                    sprintf(
                        'The button at %s took %.0f ms, and %.0f ms when it was first timed: it is wearing out. Replace it.',
                        $spoken,
                        $test->ms,
                        $first,
                    ),
                    circuit: $circuit,
                );
            }
            if ($share !== null && $share > TripTime::SLOW_SHARE) {
                $found[] = $this->found(
                    'trip_slow',
                    $context,
                    $share > 1.0 ? Severity::Error : Severity::Warning,
                    "The button at $spoken took " . TripTime::say($test->ms ?? 0.0, $ma) . '.',
                    circuit: $circuit,
                );
            }
        }
        if (! in_array('test_failed', array_column($found, 'id'), true)) {
            foreach ($context->once('rounds', fn(): array => RoundFailed::in($context->house))[$at] ?? [] as $answer) {
                $said = $answer->text === null ? '' : ": $answer->text";
                $when = Moment::at($answer->atTime);
                $why = "{$answer->step->label()} at $spoken$when was not as it should be$said.";
                $found[] = $this->found('test_failed', $context, Severity::Error, $why, circuit: $circuit);
            }
        }

        return $found;
    }

    /** @param \Closure(): bool $reaches */
    private static function failure(DeviceTested $test, string $spoken, \Closure $reaches): ?string
    {
        $when = Moment::at($test->atTime);

        return match (true) {
            $test->opened === false && $test->by === TestButton::Own =>
                "TEST at $spoken$when opened nothing: it protects nobody, whatever it looks like. Replace it.",
            $test->opened === false && $test->by === TestButton::Tester && $reaches() =>
                "The tester's button at $spoken$when opened nothing, and what protects it should have opened. Press its own TEST.",
            $test->opened === true && $test->held === false =>
                ucfirst($spoken) . "$when opened and did not reset: lift LOAD and try again before it is called bad.",
            default => null,
        };
    }
}

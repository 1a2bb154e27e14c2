<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\TripTime;

/** A step of the test round in words: what is done, what must be seen, what it means where it is not. */
final readonly class RoundWords
{
    private Codes $codes;

    public function __construct(House $house)
    {
        $this->codes = new Codes($house);
    }

    /** What is done, without where. */
    public function do(ToSee $step): string
    {
        return match ($step->step) {
            RoundStep::Reset => ucfirst($step->at instanceof Point ? Manners::reset($step->at) : 'turn it fully off, then on, once') . '.',
            RoundStep::Lamps => (self::isByMeter($step) ? 'Meter in' : 'Tester in')
                . ($step->half === null ? '' : ", {$step->half->value} half") . '.',
            RoundStep::Runs => 'Switch it on.',
            RoundStep::Test => 'Press TEST, and walk round.',
            RoundStep::Back => $step->at instanceof Point
                ? ucfirst(Manners::reset($step->at)) . '.'
                : 'Turn it fully off, then on, once.',
            RoundStep::Button => "Press the tester's button.",
            RoundStep::Light => 'Look at its light.',
            RoundStep::Cover => 'Close the cover, with a plug in where it is for use with one in.',
            RoundStep::Plate => 'Plate on and flush, screws in; the labels that are asked stand on it.',
        };
    }

    /** What must be seen. */
    public function expects(ToSee $step): string
    {
        return match ($step->step) {
            RoundStep::Reset => 'It stays in.',
            RoundStep::Lamps => self::reads($step),
            RoundStep::Runs => 'It runs.',
            RoundStep::Test => 'Dead: ' . $this->codes->list($this->ids($step->dead), 'nothing is known to hang on it')
                . ($step->alive === [] ? '.' : ". Live as before: {$this->codes->list($this->ids($step->alive))}."),
            RoundStep::Back => 'All of them are back.',
            RoundStep::Button => 'What protects it trips' . ($step->limitMs === null ? '.' : sprintf(
                '; where the time is read, %d to %d ms, and never over %s.',
                TripTime::TYPICAL_MS[0],
                TripTime::TYPICAL_MS[1],
                number_format($step->limitMs) . ' ms (UL 943)',
            )),
            RoundStep::Light => $step->at instanceof Point ? self::light($step->at->light) : 'As its maker says.',
            RoundStep::Cover => $step->at instanceof Point && $step->at->cover === Cover::InUse
                ? 'It closes over the cord.'
                : 'It closes by itself, and seals.',
            RoundStep::Plate => 'Nothing loose, nothing cracked.',
        };
    }

    /** What it means where it was not so, and where to look first. */
    public function means(ToSee $step): string
    {
        return match ($step->step) {
            RoundStep::Reset => 'LINE without power, LINE and LOAD changed over, or a fault beyond it: '
                . 'lift LOAD and try again before it is called bad.',
            RoundStep::Lamps => ucfirst(
                (self::isByMeter($step) ? '' : 'the lamps say which conductor; ')
                    . 'the box that was touched last on the way is looked into first.',
            ),
            RoundStep::Runs => 'Look whether it is switched on, then into the box that was touched last on the way.',
            RoundStep::Test => 'What stays live is not on its LOAD: '
                . 'spliced past it, fed from elsewhere, or LINE and LOAD are changed over. '
                . 'If nothing trips, it protects nobody: take it out of use.',
            RoundStep::Back => 'It sees a fault beyond it, or its latch has gone: lift LOAD and try again.',
            RoundStep::Button => 'Where its own TEST works and this does not, there is no ground for the button, or it is not on LOAD.',
            RoundStep::Light => 'A light that is wrong after a good TEST: '
                . 'its meaning is another by this maker, or LINE and LOAD are changed over.',
            RoundStep::Cover, RoundStep::Plate => 'It is put right before the job is closed.',
        };
    }

    /** Who and where. */
    public function at(ToSee $step): string
    {
        return (new Guard($step->at))->spoken();
    }

    private static function reads(ToSee $step): string
    {
        $volts = $step->volts === null ? [] : [sprintf('%.0f V', $step->volts)];

        return match (true) {
            $step->lamps !== null => implode(', ', [$step->lamps->spoken(), ...$volts]) . '.',
            ! self::isByMeter($step) => 'What feeds it is not known: power, and no lamp that means a fault.',
            default => ($volts[0] ?? 'What feeds it is not known: power') . '.',
        };
    }

    /** Where no plug-in tester fits. */
    private static function isByMeter(ToSee $step): bool
    {
        return $step->at instanceof Point && ! $step->at->takesUsualPlugs();
    }

    private static function light(?DeviceLight $light): string
    {
        return match ($light) {
            DeviceLight::Power, DeviceLight::Both => 'It is lit: it feeds.',
            DeviceLight::Tripped => 'It is dark: it lights only while tripped.',
            default => 'It has none.',
        };
    }

    /**
     * @param list<Point> $points
     *
     * @return list<string>
     */
    private function ids(array $points): array
    {
        return array_map(fn(Point $point): string => $point->id, $points);
    }
}

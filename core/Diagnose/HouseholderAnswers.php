<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Actions\UnplugAll;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** What a householder said on the phone or noted on a page, taken into the call as what it says of the house. */
final class HouseholderAnswers
{
    /** Who has done what was only told. */
    private const HOUSEHOLDER = 'the householder';

    /** @param \stdClass $answers by {@see Question}; those given before stand unless they are answered otherwise */
    public static function ofQuestions(House $house, \stdClass $answers, string $at): House
    {
        $symptom = $house->sections['symptom'] ?? null;
        if (! $symptom instanceof \stdClass) {
            return $house;
        }
        $before = ($symptom->answers ?? null) instanceof \stdClass ? $symptom->answers : new \stdClass();
        $said = fn(
            \stdClass $in,
            Question $question,
        ): ?Answer => is_string($in->{$question->value} ?? null) ? Answer::tryFrom($in->{$question->value}) : null;
        $when = match ($said($answers, Question::When)) {
            Answer::AtOnce => 'at_once',
            Answer::WithLoad => 'with_load',
            Answer::NowAndThen => 'random',
            Answer::WhenWet => 'wet',
            default => null,
        };
        $house = OpenCall::told(
            $house,
            (object) [...get_object_vars($symptom), ...($when === null ? [] : ['when' => $when]),
                'answers' => (object) [...get_object_vars($before), ...get_object_vars($answers)],
            ],
        );
        $unplugged = $said($answers, Question::Unplugged);

        return $unplugged === null || $unplugged === $said($before, Question::Unplugged)
            ? $house
            : self::unplugged($house, $unplugged, is_string($symptom->at ?? null) ? $symptom->at : '', $at);
    }

    /** All unplugged and the device reset, as somebody tells it who has done it; what was told of it before falls away. */
    private static function unplugged(House $house, Answer $answer, string $device, string $at): House
    {
        $house = OpenCall::keeping($house, fn(\stdClass $test): bool => ($test->who ?? null) !== self::HOUSEHOLDER);
        $holds = match ($answer) {
            Answer::StaysIn => ['holds' => true, 'tripped' => []],
            Answer::PopsAgain => ['holds' => false, 'tripped' => [$device]],
            Answer::WillNotGoIn => ['holds' => false, 'tripped' => []],
            default => null,
        };
        $circuit = $house->hasPoint($device) ? (new FeedMap($house))->feed($house->point($device))->circuit?->id : $device;
        if ($holds === null || $circuit === null || ($house->hasPoint($device) && ! $house->point($device)->device->feedsThrough())) {
            return $house;
        }
        $reset = new Reset($house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device));

        return OpenCall::tested($house, [
            OpenCall::test(new UnplugAll(new Spot(circuit: $circuit)), ['tripped' => []], $at, self::HOUSEHOLDER),
            OpenCall::test($reset, [...$holds, 'no_power' => false], $at, self::HOUSEHOLDER),
        ]);
    }

    /**
     * What a trial that is taken in before its end is worth.
     *
     * @param int $noted days noted
     * @param int $trips of them with a trip
     */
    public static function worth(int $days, int $noted, int $trips): string
    {
        if ($noted === 0) {
            return 'Nothing is noted yet: it is worth nothing so far.';
        }
        $so = "$noted of $days days noted, " . ($trips === 0 ? 'no trip' : "$trips with a trip");
        if ($trips > 0) {
            return "$so. A trip says what it says, whenever the trial ends.";
        }
        $hidden = round(100.0 * (new HowOften())->never($noted));

        return "$so. " . ($noted < $days ? 'Taken in now it counts as that many days: w' : 'W')
            . "hat comes and goes stays hidden that long in about $hidden of 100 houses.";
    }

    /**
     * A trial that came back: as many days as were noted, be they fewer than were asked for.
     *
     * @param \stdClass $asked with the action that was left
     * @param \stdClass $days "yes" or "no" by date
     */
    public static function ofTrial(House $house, \stdClass $asked, \stdClass $days, string $who, string $at): House
    {
        $noted = array_filter(get_object_vars($days), is_string(...));
        $action = ($asked->action ?? null) instanceof \stdClass ? $asked->action : new \stdClass();
        if ($noted === []) {
            return $house;
        }
        $trips = count(array_filter($noted, fn(string $said): bool => $said === 'yes'));

        return OpenCall::tested(
            $house,
            [
                (object) [
                    'action' => (object) [...get_object_vars($action), 'days' => count($noted)],
                    'reading' => (object) ['trips' => $trips],
                    'at_time' => $at,
                    'who' => $who,
                ],
            ],
        );
    }
}

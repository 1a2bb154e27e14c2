<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Actions\UnplugAll;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\SymptomWhen;

/** What a householder said on the phone or noted on a page, taken into the call as what it says of the house. */
final class HouseholderAnswers
{
    /** Who has done what was only told. */
    private const HOUSEHOLDER = 'the householder';

    /** @param array<string> $answers by {@see Question}; those given before stand unless they are answered otherwise */
    public static function ofQuestions(House $house, array $answers, string $at): House
    {
        $symptom = $house->call->symptom;
        if ($symptom === null) {
            return $house;
        }
        $before = $symptom->answers ?? [];
        $when = match (self::said($answers, Question::When)) {
            Answer::AtOnce => SymptomWhen::AtOnce,
            Answer::WithLoad => SymptomWhen::WithLoad,
            Answer::NowAndThen => SymptomWhen::Random,
            Answer::WhenWet => SymptomWhen::Wet,
            default => $symptom->when,
        };
        $house = OpenCall::told($house, $symptom->with(['when' => $when, 'answers' => [...$before, ...$answers]]));
        $unplugged = self::said($answers, Question::Unplugged);

        return $unplugged === null || $unplugged === self::said($before, Question::Unplugged)
            ? $house
            : self::unplugged($house, $unplugged, $symptom->at ?? '', $at);
    }

    /** @param array<string> $answers by question */
    private static function said(array $answers, Question $question): ?Answer
    {
        return Answer::tryFrom($answers[$question->value] ?? '');
    }

    /** All unplugged and the device reset, as somebody tells it who has done it; what was told of it before falls away. */
    private static function unplugged(House $house, Answer $answer, string $device, string $at): House
    {
        $house = OpenCall::keeping($house, fn(TestDone $test): bool => $test->who !== self::HOUSEHOLDER);
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

        return $house->withEntry(
            OpenCall::test(new UnplugAll(new Spot(circuit: $circuit)), ['tripped' => []], $at, self::HOUSEHOLDER),
            OpenCall::test($reset, [...$holds, 'no_power' => false], $at, self::HOUSEHOLDER),
        );
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
     * @param Loose $action the action that was left
     * @param array<string> $days "yes" or "no" by date
     */
    public static function ofTrial(House $house, Loose $action, array $days, string $who, string $at): House
    {
        if ($days === []) {
            return $house;
        }
        $trips = count(array_filter($days, fn(string $said): bool => $said === 'yes'));

        return $house->withEntry(
            new TestDone($action->with(['days' => count($days)]), new Loose(['trips' => $trips]), $at, $who),
        );
    }
}

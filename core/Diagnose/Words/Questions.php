<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Answer;
use Bouclier\Core\Diagnose\Question;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;

/** What is worth asking on the phone, in words a householder answers by looking: nobody is asked to open anything. */
final class Questions
{
    /** @return list<array{id: string, ask: string, why: string, answers: list<string>}> */
    public static function of(?Symptom $symptom): array
    {
        $kind = $symptom->kind ?? SymptomKind::Trips;
        $skip = match ($kind) {
            SymptomKind::Shock => [Question::Unplugged, Question::When],
            SymptomKind::ReadsWrong, SymptomKind::WillNotTrip => [Question::Unplugged, Question::Running, Question::When, Question::Water],
            SymptomKind::Overload => [Question::Water, Question::Tingle],
            default => [],
        };

        // What the call tells already is not asked; an answer stays where it can be changed.
        $isTold = fn(Question $one): bool => match ($one) {
            Question::When => $symptom !== null && $symptom->when !== SymptomWhen::Unknown && $symptom->answer($one) === null,
            Question::Running => $symptom !== null && $symptom->running !== [],
            default => false,
        };

        return array_map(
            self::one(...),
            array_values(array_filter(Question::cases(), fn(Question $one): bool => ! in_array($one, $skip, true) && ! $isTold($one))),
        );
    }

    /** @return array{id: string, ask: string, why: string, answers: list<string>} */
    private static function one(Question $question): array
    {
        [$ask, $why] = match ($question) {
            Question::Upstream => [
                'Is there an outlet with TEST and RESET buttons in another room, garage or basement, that has popped? Press RESET firmly.',
                'A device upstream may have tripped: the first question of the trade.',
            ],
            Question::When => [
                'When does it happen?',
                'At once points to wiring or a steady leak, at random to something that comes and goes.',
            ],
            Question::Running => ['What was plugged in and running?', 'The appliance that ran is the first suspect.'],
            Question::Unplugged => [
                'Pull every plug on those outlets, then press RESET. Does it stay in?',
                'Tells appliances from wiring before anybody drives out.',
            ],
            Question::Dead => ['Which outlets and lights are dead now?', 'What goes dead together hangs on one device.'],
            Question::Age => ['How old is the outlet with the buttons?', 'Devices wear out; ten years is a long life outdoors.'],
            Question::Worker => ['Has anybody worked there lately?', 'A box somebody has been in comes before one nobody has.'],
            Question::Water => ['Was it raining, or had anything there been washed?', 'A wet box leaks.'],
            Question::Tingle => [
                'Did anybody feel a tingle from something made of metal?',
                'Then it is urgent: leave it unplugged and do not touch it.',
            ],
        };

        return ['id' => $question->value, 'ask' => $ask, 'why' => $why, 'answers' => array_map(
            fn(Answer $answer): string => $answer->value,
            $question->answers(),
        )];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\SymptomKind;

/** What is worth asking on the phone, in words a householder answers by looking: nobody is asked to open anything. */
final class Questions
{
    /** @return list<array{id: string, ask: string, why: string, answers: list<string>}> */
    public static function of(?Symptom $symptom): array
    {
        $kind = $symptom->kind ?? SymptomKind::Trips;
        $all = [
            self::one('upstream', 'Is there an outlet with TEST and RESET buttons in another room, garage or basement, that has popped? Press RESET firmly.', 'A device upstream may have tripped: the first question of the trade.', ['One had popped, now it works', 'One had popped, still dead', 'None has popped', 'I cannot find one']),
            self::one('when', 'When does it happen?', 'At once points to wiring or a steady leak, at random to something that comes and goes.', ['At once, every time', 'When something is switched on', 'Now and then', 'When it is wet']),
            self::one('running', 'What was plugged in and running?', 'The appliance that ran is the first suspect.', []),
            self::one('unplugged', 'Pull every plug on those outlets, then press RESET. Does it stay in?', 'Tells appliances from wiring before anybody drives out.', ['Yes, it stays in', 'No, it pops again', 'It will not go in at all', 'I did not try']),
            self::one('dead', 'Which outlets and lights are dead now?', 'What goes dead together hangs on one device.', []),
            self::one('age', 'How old is the outlet with the buttons?', 'Devices wear out; ten years is a long life outdoors.', ['Under 5 years', '5 to 10 years', 'Over 10 years', 'I do not know']),
            self::one('worker', 'Has anybody worked there lately?', 'A box somebody has been in comes before one nobody has.', ['Yes', 'No', 'I do not know']),
            self::one('water', 'Was it raining, or had anything there been washed?', 'A wet box leaks.', ['Yes', 'No']),
            self::one('tingle', 'Did anybody feel a tingle from something made of metal?', 'Then it is urgent: leave it unplugged and do not touch it.', ['Yes', 'No']),
        ];
        $skip = match ($kind) {
            SymptomKind::Shock => ['unplugged', 'when'],
            SymptomKind::ReadsWrong, SymptomKind::WillNotTrip => ['unplugged', 'running', 'when', 'water'],
            SymptomKind::Overload => ['water', 'tingle'],
            default => [],
        };

        return array_values(array_filter($all, fn(array $one): bool => ! in_array($one['id'], $skip, true)));
    }

    /**
     * @param list<string> $answers empty where it is answered in words
     *
     * @return array{id: string, ask: string, why: string, answers: list<string>}
     */
    private static function one(string $id, string $ask, string $why, array $answers): array
    {
        return ['id' => $id, 'ask' => $ask, 'why' => $why, 'answers' => $answers];
    }
}

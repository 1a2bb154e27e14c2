<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;

/** A drawn call in a customer's words: they know rooms and buttons, no circuits. */
final class CallWords
{
    public static function of(House $house, Complaint $call): string
    {
        $at = $call->at ?? '';
        $where = $house->hasPoint($at) ? "the outlet \"{$house->point($at)->name}\"" : "breaker {$house->circuit($at)->slot} in the panel";

        return match ($call->kind) {
            SymptomKind::Trips => match ($call->when) {
                SymptomWhen::AtOnce => "The button of $where pops out the moment I push it in. It did so this morning, too.",
                SymptomWhen::WithLoad => "It is $where: as soon as something runs it goes off. With nothing running it stays in.",
                default => "Every few days $where goes off. I push it in again and it stays, until it does not.",
            },
            SymptomKind::Dead => ucfirst($where) . ' is dead. It worked last week. I have pushed every button I know of.',
            SymptomKind::WillNotReset => "I cannot get $where to stay in. There is no click when I push it.",
            SymptomKind::WillNotTrip => "A friend put a tester in and pressed its button. At $where nothing happened.",
            SymptomKind::ReadsWrong => "The inspector's tester showed the wrong lamps at $where. Everything works, as far as I can tell.",
            SymptomKind::Shock => "I felt a tingle at $where.",
            SymptomKind::Overload => "When we cook, $where goes off after a while.",
        };
    }
}

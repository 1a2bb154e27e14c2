<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What is asked on the phone, as `symptom.answers` of a house file keeps it. */
enum Question: string
{
    case Upstream = 'upstream';
    case When = 'when';
    case Running = 'running';
    case Unplugged = 'unplugged';
    case Dead = 'dead';
    case Age = 'age';
    case Worker = 'worker';
    case Water = 'water';
    case Tingle = 'tingle';

    /** @return list<Answer> to choose from; none where it is answered in words */
    public function answers(): array
    {
        return match ($this) {
            self::Upstream => [Answer::PoppedAndWorks, Answer::PoppedAndDead, Answer::NonePopped, Answer::CannotFindOne],
            self::When => [Answer::AtOnce, Answer::WithLoad, Answer::NowAndThen, Answer::WhenWet],
            self::Unplugged => [Answer::StaysIn, Answer::PopsAgain, Answer::WillNotGoIn, Answer::DidNotTry],
            self::Age => [Answer::UnderFive, Answer::FiveToTen, Answer::OverTen, Answer::DoNotKnow],
            self::Worker => [Answer::Yes, Answer::No, Answer::DoNotKnow],
            self::Water, self::Tingle => [Answer::Yes, Answer::No],
            self::Running, self::Dead => [],
        };
    }
}

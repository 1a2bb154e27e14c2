<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What a householder answers, in the words on the page. */
enum Answer: string
{
    case PoppedAndWorks = 'One had popped, now it works';
    case PoppedAndDead = 'One had popped, still dead';
    case NonePopped = 'None has popped';
    case CannotFindOne = 'I cannot find one';

    case AtOnce = 'At once, every time';
    case WithLoad = 'When something is switched on';
    case NowAndThen = 'Now and then';
    case WhenWet = 'When it is wet';

    case StaysIn = 'Yes, it stays in';
    case PopsAgain = 'No, it pops again';
    case WillNotGoIn = 'It will not go in at all';
    case DidNotTry = 'I did not try';

    case UnderFive = 'Under 5 years';
    case FiveToTen = '5 to 10 years';
    case OverTen = 'Over 10 years';

    case Yes = 'Yes';
    case No = 'No';
    case DoNotKnow = 'I do not know';
}

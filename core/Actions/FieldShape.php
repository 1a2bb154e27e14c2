<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** What kind of value a key of an action or a reading takes. */
enum FieldShape
{
    case Flag;
    case Number;
    case Count;
    case Word;
    case Words;
    case Ids;
    case NumbersById;
    case Text;
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a field of a part takes, where its type alone does not say: see {@see Said}. */
enum Value: string implements Choice
{
    case Id = 'id';
    case Date = 'date';
    case Since = 'since';
    case Positive = 'positive';
    case AnyNumber = 'any number';
    case OneOf = 'one of';
    case Many = 'many';
    case Ids = 'ids';
    case Time = 'time';
    case Long = 'long';

    public function label(): string
    {
        return match ($this) {
            self::Id => 'the id of a part',
            self::Date => 'a day',
            self::Since => 'a year, a month or a day',
            self::Positive => 'a number above zero',
            self::AnyNumber => 'a number, be it below zero',
            self::OneOf => 'one of these',
            self::Many => 'a list of parts, or of choices',
            self::Ids => 'a list of ids',
            self::Time => 'a day and a time',
            self::Long => 'text of some length',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Work;

/** How much a finding matters. */
enum Severity: string
{
    case Error = 'error';
    case Warning = 'warning';
    case Advice = 'advice';

    /** What a clause asks is an error where something is done, and advice where nothing is touched: no clause is retroactive. */
    public static function ofClause(Work $work): self
    {
        return $work === Work::Existing ? self::Advice : self::Error;
    }

    /** What was wrong by the code of its own day: an error where something is done, and a warning where nothing is touched. */
    public static function ofFault(Work $work): self
    {
        return $work === Work::Existing ? self::Warning : self::Error;
    }

    /** How bad it is: what is worse has more. */
    public function weight(): int
    {
        return match ($this) {
            self::Error => 3,
            self::Warning => 2,
            self::Advice => 1,
        };
    }
}

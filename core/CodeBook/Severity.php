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
}

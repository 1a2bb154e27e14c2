<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** How much a finding matters. */
enum Severity: string
{
    case Error = 'error';
    case Warning = 'warning';
    case Advice = 'advice';
}

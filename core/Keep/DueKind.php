<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

/** What a house asks for on a day. */
enum DueKind: string
{
    case Test = 'test';
    case Replacement = 'replacement';
    case Item = 'item';
    case Trial = 'trial';
}

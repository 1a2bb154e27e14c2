<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\House\Protection;

/**
 * NEC 406.4(D)(4): a receptacle replaced where the edition asks for AFCI protection gets it. 2014: where its circuit would; since 2017:
 * where the outlet itself stands in a listed room.
 */
final class ReplacementAfci extends Replacement
{
    public function id(): string
    {
        return 'nec-406.4(D)(4)-replacement-afci';
    }

    public function asksFor(): Protection
    {
        return Protection::Afci;
    }

    protected function number(): string
    {
        return '406.4(D)(4)';
    }

    public function reason(): string
    {
        return 'Old wiring arcs too: a replacement brings AFCI with it, at the outlet, upstream or at the breaker.';
    }
}

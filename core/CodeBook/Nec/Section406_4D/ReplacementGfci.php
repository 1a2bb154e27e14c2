<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\House\Protection;

/** NEC 406.4(D)(3): a receptacle replaced where the edition now asks for GFCI protection gets it. */
final class ReplacementGfci extends Replacement
{
    public function id(): string
    {
        return 'nec-406.4(D)(3)-replacement-gfci';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    protected function number(): string
    {
        return '406.4(D)(3)';
    }

    public function reason(): string
    {
        return 'A replacement is brought up to what the edition asks at its place today.';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\House\Protection;

/** NEC 406.4(D)(5): a replacement is tamper-resistant where the edition asks for it. */
final class ReplacementTamperResistant extends Replacement
{
    public function id(): string
    {
        return 'nec-406.4(D)(5)-replacement-tamper-resistant';
    }

    public function asksFor(): Protection
    {
        return Protection::Tr;
    }

    protected function number(): string
    {
        return '406.4(D)(5)';
    }

    public function reason(): string
    {
        return 'A replacement has shutters where a new one would.';
    }
}

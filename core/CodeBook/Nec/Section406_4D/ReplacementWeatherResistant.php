<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\House\Protection;

/** NEC 406.4(D)(6): a replacement is weather-resistant where the edition asks for it. */
final class ReplacementWeatherResistant extends Replacement
{
    public function id(): string
    {
        return 'nec-406.4(D)(6)-replacement-weather-resistant';
    }

    public function asksFor(): Protection
    {
        return Protection::Wr;
    }

    protected function number(): string
    {
        return '406.4(D)(6)';
    }

    public function reason(): string
    {
        return 'A replacement stands the weather where a new one would.';
    }
}

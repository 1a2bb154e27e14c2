<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** The open call is put aside with its tests, before anything was found: they accuse nobody in the next. */
final readonly class DropCall implements Told
{
    public static function told(Body $body): self
    {
        return new self();
    }

    public function on(House $house, Asker $by): House
    {
        return OpenCall::dropped($house, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'The call dropped';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A call that was closed or dropped is open again, with its tests; one that is open now is put aside with its own. */
final readonly class ReopenCall implements Told
{
    public function __construct(private string $entry)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('entry'));
    }

    public function on(House $house, Asker $by): House
    {
        return OpenCall::reopened(OpenCall::isOpen($house) ? OpenCall::dropped($house, $by->name, $by->now) : $house, $this->entry);
    }

    public function summary(House $house): string
    {
        return 'A call open again';
    }
}

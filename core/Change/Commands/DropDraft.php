<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Drafted;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A draft put away. */
final readonly class DropDraft implements Told
{
    public function __construct(private string $draft)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('entry'));
    }

    public function on(House $house, Asker $by): House
    {
        return Drafted::dropped($house, $this->draft);
    }

    public function summary(House $house): string
    {
        return 'Draft dropped: ' . Drafted::find($house, $this->draft)->name;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Removal;

/** An outlet taken out. */
final readonly class RemoveOutlet implements Told
{
    public function __construct(private string $point)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('id'));
    }

    public function on(House $house, Asker $by): House
    {
        return Removal::outlet($house, $house->point($this->point));
    }

    public function summary(House $house): null
    {
        return null;
    }
}

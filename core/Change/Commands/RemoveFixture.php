<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** Water that is not there. */
final readonly class RemoveFixture implements Told
{
    public function __construct(private string $fixture)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('id'));
    }

    public function on(House $house, Asker $by): House
    {
        return Rooms::withoutFixture($house, $house->fixture($this->fixture));
    }

    public function summary(House $house): string
    {
        return "{$house->areaOfFixture($this->fixture)->code}: " . mb_strtolower(
            $house->fixture($this->fixture)->kind->label(),
        ) . ' removed';
    }
}

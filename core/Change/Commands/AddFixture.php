<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** More water in a room. */
final readonly class AddFixture implements Told
{
    public function __construct(private string $area, private FixtureKind $kind)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('area'), $body->choice('kind', FixtureKind::class));
    }

    public function on(House $house, Asker $by): House
    {
        return Rooms::withFixture($house, $house->area($this->area), $this->kind);
    }

    public function summary(House $house): string
    {
        return "{$house->area($this->area)->code}: " . mb_strtolower($this->kind->label()) . ' added';
    }
}

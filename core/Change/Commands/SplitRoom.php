<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** A room that is two: some of its outlets and its water are in a room of their own. */
final readonly class SplitRoom implements Told
{
    /**
     * @param list<string> $points
     * @param list<string> $fixtures
     */
    public function __construct(
        private string $area,
        private AreaKind $kind,
        private string $name,
        private array $points,
        private array $fixtures,
    ) {
    }

    public static function told(Body $body): self
    {
        return new self(
            $body->id('area'),
            $body->choice('kind', AreaKind::class),
            $body->text('name', 120),
            $body->ids('points', 200),
            $body->ids('fixtures', 20),
        );
    }

    public function on(House $house, Asker $by): House
    {
        return Rooms::split($house, $house->area($this->area), $this->kind, $this->name, $this->points, $this->fixtures);
    }

    public function summary(House $house): string
    {
        return "{$house->area($this->area)->code} split: {$this->name}";
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Adding;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Serves;

/** A receptacle that somebody wants: in which room, where on its ruler, and what for. */
final readonly class WantedOutlet
{
    /**
     * @param Distance|null $distance where it stands on the ruler of the room; null in a room without water
     * @param list<string> $behind outlets in other rooms that are known to sit behind the spot, by id: the wall is all there is between
     * @param float|null $wallFt feet along the wall to the nearest box, where it was measured
     */
    public function __construct(
        public Area $area,
        public Serves $serves,
        public ?Distance $distance = null,
        public array $behind = [],
        public ?float $wallFt = null,
    ) {
    }

    /**
     * @throws \Bouclier\Core\Exchange\BadHouseFile
     * @throws \Bouclier\Core\House\NotThere
     */
    public static function told(Body $body, House $house): self
    {
        $fixture = $body->maybeId('fixture');
        $ft = $body->maybeNumber('ft', 0, 100);

        return new self(
            $house->area($body->id('area')),
            $body->choice('serves', Serves::class),
            $fixture === null || $ft === null ? null : new Distance($house->fixture($fixture)->id, $ft),
            array_map(fn(string $id): string => $house->point($id)->id, $body->maybeIds('behind', 20) ?? []),
            $body->maybeNumber('wall_ft', 0, 200),
        );
    }
}

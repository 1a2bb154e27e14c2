<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\BoxRest;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** All of an open box that nobody has noted is well: what was said stands. */
final readonly class BoxIsWell implements Told
{
    public function __construct(private string $point)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'));
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point);
        $rest = BoxRest::of($house, $point);
        if ($rest->fields !== []) {
            $patch = new Patch('points', $point->id, (object) ['box' => (object) $rest->fields]);
            $house = HouseDocument::of($house)->with([$patch->on(HouseDocument::of($house))])->toHouse();
        }

        return $house->withEntry(...array_map(
            fn(BoxCheck $check): BoxChecked => new BoxChecked($point->id, $check, true, $by->now, $by->name),
            $rest->checks,
        ));
    }

    public function summary(House $house): string
    {
        return "The rest of the box of {$house->point($this->point)->code} is well";
    }
}

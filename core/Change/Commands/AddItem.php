<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** Something left to be done. */
final readonly class AddItem implements Told
{
    public function __construct(private OpenItem $item)
    {
    }

    public static function told(Body $body): self
    {
        return new self(new OpenItem(
            $body->text('text', 1000),
            point: $body->maybeId('point'),
            source: $body->maybeText('source', 200),
            clause: $body->maybeText('clause', 60),
            due: $body->maybeDate('due'),
        ));
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry($this->item->stamped($by->name, $by->now));
    }

    public function summary(House $house): null
    {
        return null;
    }
}

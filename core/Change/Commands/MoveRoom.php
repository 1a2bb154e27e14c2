<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\WalkingOrder;

/** A room moved in the walking order, before another or to the end. */
final readonly class MoveRoom implements Told
{
    public function __construct(private string $area, private ?string $before)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('id'), $body->maybeId('before'));
    }

    public function on(House $house, Asker $by): House
    {
        return WalkingOrder::room($house, $house->area($this->area), $this->before === null ? null : $house->area($this->before));
    }

    public function summary(House $house): null
    {
        return null;
    }
}

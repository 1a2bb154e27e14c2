<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** A breaker turned. */
final readonly class TurnBreaker implements Happening, Told
{
    public function __construct(private string $circuit, private bool $on)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('circuit'), $body->flag('on'));
    }

    public function on(House $house, Asker $by): House
    {
        return Switching::turned($house, $house->circuit($this->circuit), $this->on, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'A breaker turned ' . ($this->on ? 'on' : 'off');
    }
}

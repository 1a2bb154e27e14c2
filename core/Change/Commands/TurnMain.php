<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** The main of a panel: with it goes everything behind it, whatever the breakers say. */
final readonly class TurnMain implements Happening, Told
{
    public function __construct(private string $panel, private bool $on)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('panel'), $body->flag('on'));
    }

    public function on(House $house, Asker $by): House
    {
        return Switching::mainTurned($house, $house->panel($this->panel), $this->on, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'A main turned ' . ($this->on ? 'on' : 'off');
    }
}

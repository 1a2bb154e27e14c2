<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A box checked before it is closed. */
final readonly class CheckBox implements Told
{
    public function __construct(private string $point, private BoxCheck $check, private bool $isOk)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->choice('check', BoxCheck::class), $body->flag('ok'));
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(new BoxChecked($house->point($this->point)->id, $this->check, $this->isOk, $by->now, $by->name));
    }

    public function summary(House $house): string
    {
        return 'Box check: ' . $this->check->label();
    }
}

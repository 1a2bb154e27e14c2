<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Box\BoxCheck;
use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A box checked before it is closed. */
final readonly class CheckBox implements Command
{
    public function __construct(private string $point, private BoxCheck $check, private bool $isOk)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return $this->check->done($house, $house->point($this->point), $this->isOk, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'Box check: ' . $this->check->label();
    }
}

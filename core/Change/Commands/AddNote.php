<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Records\Records;

/** A note of an outlet, in words of one's own. */
final readonly class AddNote implements Command
{
    public function __construct(private string $point, private string $text)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $note = ['point' => $house->point($this->point)->id, 'text' => $this->text, 'at_time' => $by->now, 'who' => $by->name];

        return Records::added($house, 'notes', (object) $note);
    }

    public function summary(House $house): string
    {
        return 'A note added';
    }
}

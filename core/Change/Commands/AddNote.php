<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A note of an outlet, in words of one's own. */
final readonly class AddNote implements Told
{
    public function __construct(private string $point, private string $text)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->text('text', 1000));
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(new Note($this->text, point: $house->point($this->point)->id, atTime: $by->now, who: $by->name));
    }

    public function summary(House $house): string
    {
        return 'A note added';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A photograph of an outlet; its picture is kept elsewhere, under the sum of what is in it. */
final readonly class AddPhoto implements Command
{
    public function __construct(
        private string $point,
        private string $file,
        private string $sha256,
        private string $mediaType,
        private ?string $text = null,
    ) {
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(new Photo(
            $this->file,
            point: $house->point($this->point)->id,
            sha256: $this->sha256,
            mediaType: $this->mediaType,
            atTime: $by->now,
            who: $by->name,
            text: $this->text,
        ));
    }

    public function summary(House $house): string
    {
        return 'A photograph added';
    }
}

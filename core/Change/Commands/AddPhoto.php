<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Records\Records;

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
        $photo = [
            'point' => $house->point($this->point)->id, 'file' => $this->file, 'sha256' => $this->sha256, 'media_type' => $this->mediaType,
            'text' => $this->text, 'at_time' => $by->now, 'who' => $by->name,
        ];

        return Records::added($house, 'photos', (object) array_filter($photo, fn(?string $said): bool => $said !== null));
    }

    public function summary(House $house): string
    {
        return 'A photograph added';
    }
}

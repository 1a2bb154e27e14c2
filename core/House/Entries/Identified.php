<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Stamped;

/** The id of an entry, where one was said or given, and who filed it when. */
trait Identified
{
    use Stamped;

    public function id(): ?string
    {
        return $this->id;
    }

    public function withId(?string $id): static
    {
        return $this->replaced(['id' => $id]);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

/** Something that was seen, tested, turned or noted: it stands in a list that is added to and hardly ever changed. */
interface Entry
{
    /** The list it stands in. */
    public static function list(): EntryList;

    public function id(): ?string;

    public function withId(?string $id): static;
}

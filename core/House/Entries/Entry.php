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

    /** @param string $at ISO 8601; what it says itself of who filed it and when stands */
    public function stamped(string $who, string $at): static;
}

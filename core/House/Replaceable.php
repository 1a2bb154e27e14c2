<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A value that is made anew with some of its properties replaced: those its constructor takes. */
trait Replaceable
{
    /** @param array<string, mixed> $by property */
    private function replaced(array $by): static
    {
        return (new \ReflectionClass(static::class))->newInstanceArgs([...get_object_vars($this), ...$by]);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** For a value whose properties are its constructor's parameters: the same value with some of them replaced. */
trait With
{
    /** @param mixed ...$changes by property name: `with(device: Device::Gfci)` */
    public function with(mixed ...$changes): self
    {
        return (new \ReflectionClass($this))->newInstanceArgs([...get_object_vars($this), ...$changes]);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** For what goes by a location code and can be given another: it is still found by the old one, kept under `x` of the house file. */
trait Recoded
{
    /** @return list<string> the codes it went by before */
    public function formerCodes(): array
    {
        return Extra::listed($this->x, 'former_codes');
    }

    public function recoded(string $code): self
    {
        return $this->found($this->code)->with(code: $code);
    }

    /** The same, found by other codes as well. */
    public function found(string ...$codes): self
    {
        return $this->with(x: Extra::with($this->x, 'former_codes', [...$this->formerCodes(), ...$codes]));
    }
}

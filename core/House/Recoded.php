<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** For what goes by a location code and can be given another: it is still found by the old one, kept under `x` of the house file. */
trait Recoded
{
    /** @return list<string> the codes it went by before */
    public function formerCodes(): array
    {
        $codes = $this->x->former_codes ?? [];

        return is_array($codes) ? array_values(array_filter($codes, is_string(...))) : [];
    }

    public function recoded(string $code): self
    {
        $x = (object) [...get_object_vars($this->x ?? new \stdClass()), 'former_codes' => [...$this->formerCodes(), $this->code]];

        return $this->with(code: $code, x: $x);
    }
}

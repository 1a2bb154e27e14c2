<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What is written down with who did so and when. */
trait Stamped
{
    use Replaceable;

    /**
     * The same with both, where it does not say.
     *
     * @param string $at ISO 8601
     */
    public function stamped(string $who, string $at): static
    {
        return $this->replaced(['who' => $this->who ?? $who, 'atTime' => $this->atTime ?? $at]);
    }
}

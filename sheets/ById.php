<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

/**
 * Things by an id, an object of the page even where there are none: a plain array would be a list then.
 *
 * @template-covariant T
 */
final readonly class ById implements \JsonSerializable
{
    /** @param array<T> $all by id */
    public function __construct(public array $all)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) $this->all;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

/** Readings that do not prove a point dead; the message says which and why. */
final class NotProved extends \DomainException
{
    /** @param non-empty-list<string> $objections */
    public function __construct(public readonly array $objections)
    {
        parent::__construct('Not proved dead: ' . implode('; ', $objections));
    }
}

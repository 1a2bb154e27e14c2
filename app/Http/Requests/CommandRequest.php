<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Command;

/** A change of the house by one command. */
abstract class CommandRequest extends OnRevisionRequest
{
    abstract public function command(): Command;

    final protected function said(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->toString() : null;
    }

    /** @return list<string> */
    final protected function listed(string $key): array
    {
        return array_values(array_filter($this->array($key), is_string(...)));
    }
}

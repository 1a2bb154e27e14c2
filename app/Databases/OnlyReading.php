<?php

declare(strict_types=1);

namespace App\Databases;

/**
 * Whether this request has to do with a copy of the database, because the one that takes changes is away. It can look at what was
 * acknowledged; it changes nothing.
 */
final class OnlyReading
{
    private bool $is = false;

    public function is(): bool
    {
        return $this->is;
    }

    /** @return bool whether what is done at the moment may go on so */
    public function mayBegin(): bool
    {
        return ! app()->runningInConsole() && request()->isMethodSafe();
    }

    public function begin(): void
    {
        $this->is = true;
    }
}

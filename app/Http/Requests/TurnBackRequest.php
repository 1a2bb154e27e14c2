<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An undo or a redo, made on a named revision. */
final class TurnBackRequest extends OnRevisionRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\PlugIn;

/** Something usual plugged in at an outlet. */
final class PlugInRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'point' => ['required', 'string', 'max:80'],
            'name' => ['required', 'string', 'max:120'],
        ];
    }

    public function command(): PlugIn
    {
        return new PlugIn($this->string('point')->toString(), $this->string('name')->toString());
    }
}

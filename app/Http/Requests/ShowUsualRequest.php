<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\ShowUsual;

/** What a room usually has drawn for confirming, or put away. */
final class ShowUsualRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'area' => ['required', 'string', 'max:80'],
            'shown' => ['required', 'boolean'],
        ];
    }

    public function command(): ShowUsual
    {
        return new ShowUsual($this->string('area')->toString(), $this->boolean('shown'));
    }
}

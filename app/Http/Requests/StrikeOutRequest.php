<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\StrikeOut;
use Bouclier\Core\House\Serves;
use Illuminate\Validation\Rule;

/** Something a room usually has that is not there. */
final class StrikeOutRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'area' => ['required', 'string', 'max:80'],
            'serves' => ['required', Rule::enum(Serves::class)],
        ];
    }

    public function command(): StrikeOut
    {
        return new StrikeOut($this->string('area')->toString(), Serves::from($this->string('serves')->toString()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddFixture;
use Bouclier\Core\House\FixtureKind;
use Illuminate\Validation\Rule;

/** More water in a room. */
final class AddFixtureRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'area' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(FixtureKind::class)],
        ];
    }

    public function command(): AddFixture
    {
        return new AddFixture($this->string('area')->toString(), FixtureKind::from($this->string('kind')->toString()));
    }
}

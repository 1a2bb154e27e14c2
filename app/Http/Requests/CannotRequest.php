<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\SayCannot;
use Illuminate\Foundation\Http\FormRequest;

/** Something that cannot be done in this house, or can again. */
final class CannotRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['what' => ['required', 'string', 'max:200'], 'cannot' => ['required', 'boolean']];
    }

    public function command(): SayCannot
    {
        return new SayCannot($this->string('what')->toString(), $this->boolean('cannot'));
    }
}

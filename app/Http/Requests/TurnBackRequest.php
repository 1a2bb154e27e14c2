<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The house as a whole put back, on the revision that was seen. */
final class TurnBackRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['revision' => ['required', 'integer', 'min:0']];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An undo or a redo, made on a named revision. */
final class TurnBackRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['revision' => ['required', 'integer', 'min:0']];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddNote;
use Illuminate\Foundation\Http\FormRequest;

final class NoteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:1000']];
    }

    public function command(string $point): AddNote
    {
        return new AddNote($point, $this->string('text')->toString());
    }
}

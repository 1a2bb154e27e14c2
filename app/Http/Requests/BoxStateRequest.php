<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\NoteBox;
use Bouclier\Core\House\BoxState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How far a box is taken apart. */
final class BoxStateRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['state' => ['required', Rule::enum(BoxState::class)]];
    }

    public function command(string $point): NoteBox
    {
        return new NoteBox($point, BoxState::from($this->string('state')->toString()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\CheckBox;
use Bouclier\Core\House\BoxCheck;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One thing looked at in an open box: right, or not. */
final class BoxCheckRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['check' => ['required', Rule::enum(BoxCheck::class)], 'ok' => ['required', 'boolean']];
    }

    public function command(string $point): CheckBox
    {
        return new CheckBox($point, BoxCheck::from($this->string('check')->toString()), $this->boolean('ok'));
    }
}

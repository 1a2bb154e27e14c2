<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The main of a panel that was turned off or on. */
final class MainRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['panel' => ['required', 'string', 'max:80'], 'on' => ['required', 'boolean']];
    }

    public function panel(): string
    {
        return $this->string('panel')->toString();
    }

    public function isOn(): bool
    {
        return $this->boolean('on');
    }
}

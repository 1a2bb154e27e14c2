<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\TurnMain;
use Illuminate\Foundation\Http\FormRequest;

/** The main of a panel that was turned off or on. */
final class MainRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['panel' => ['required', 'string', 'max:80'], 'on' => ['required', 'boolean']];
    }

    public function command(): TurnMain
    {
        return new TurnMain($this->string('panel')->toString(), $this->boolean('on'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\CloseItem;
use Illuminate\Foundation\Http\FormRequest;

/** What shows that an open item is done. */
final class EvidenceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['evidence' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['evidence.required' => 'Say what shows that it is done: a reading, a photograph, what was put in.'];
    }

    public function command(string $entry): CloseItem
    {
        return new CloseItem($entry, $this->string('evidence')->toString());
    }
}

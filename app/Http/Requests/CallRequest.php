<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Clock;
use Bouclier\Core\Diagnose\SymptomKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody calls about. */
final class CallRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(SymptomKind::class)],
            'at' => ['required', 'string', 'max:80'],
            'when' => ['required', Rule::in(['at_once', 'with_load', 'random', 'wet', 'unknown'])],
            'running' => ['present', 'array', 'max:100'],
            'running.*' => ['string', 'max:80'],
            'words' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return \stdClass a symptom as the house file keeps it */
    public function symptom(string $who): \stdClass
    {
        $said = [
            'kind' => $this->string('kind')->toString(),
            'at' => $this->string('at')->toString(),
            'when' => $this->string('when')->toString(),
            'running' => array_values($this->array('running')),
        ];

        return (object) [...$said, ...($this->filled('words') ? [
            'words' => $this->string('words')->toString(),
        ] : []), 'at_time' => Clock::now(), 'who' => $who];
    }
}

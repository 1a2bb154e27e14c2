<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\TellCall;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
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
            'when' => ['required', Rule::enum(SymptomWhen::class)],
            'running' => ['present', 'array', 'max:100'],
            'running.*' => ['string', 'max:80'],
            'words' => ['nullable', 'string', 'max:4000'],
        ];
    }

    public function command(): TellCall
    {
        return new TellCall(new Complaint(
            SymptomKind::from($this->string('kind')->toString()),
            $this->string('at')->toString(),
            SymptomWhen::from($this->string('when')->toString()),
            array_values(array_filter($this->array('running'), is_string(...))),
            $this->filled('words') ? $this->string('words')->toString() : null,
        ));
    }
}

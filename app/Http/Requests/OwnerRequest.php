<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Commands\OwnerReported;
use Bouclier\Core\Change\Commands\OwnerTested;
use Bouclier\Core\House\SymptomKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What who lives there tells by tap: a test of a device and what came of it, or what is wrong and where. */
final class OwnerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(['tested', 'reported'])],
            'at' => ['required', 'string', 'max:80'],
            'tripped' => ['required_if:what,tested', 'boolean'],
            'came_back' => ['required_if:what,tested', 'boolean'],
            'kind' => ['required_if:what,reported', Rule::enum(SymptomKind::class)],
            'words' => ['nullable', 'string', 'max:1000'],
        ];
    }

    public function said(): Command
    {
        $at = $this->string('at')->toString();
        $words = trim($this->string('words')->toString());

        return $this->string('what')->toString() === 'tested'
            ? new OwnerTested($at, $this->boolean('tripped'), $this->boolean('came_back'))
            : new OwnerReported(SymptomKind::from($this->string('kind')->toString()), $at, $words === '' ? null : $words);
    }
}

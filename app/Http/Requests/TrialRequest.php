<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A trial that is begun: its tests, the trial last, and what each end of it means. */
final class TrialRequest extends CallTestsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'rule' => ['required', 'array', 'max:5'],
            'rule.*.shown' => ['required', 'string', 'max:200'],
            'rule.*.means' => ['present', 'nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<mixed> */
    public function rule(): array
    {
        return $this->array('rule');
    }
}

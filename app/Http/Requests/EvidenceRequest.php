<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What shows that an open item is done. */
final class EvidenceRequest extends OnRevisionRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return ['evidence' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['evidence.required' => 'Say what shows that it is done: a reading, a photograph, what was put in.'];
    }

    public function evidence(): string
    {
        return $this->string('evidence')->toString();
    }
}

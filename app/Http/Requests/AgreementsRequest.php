<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a crew has agreed on. */
final class AgreementsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['feed_mark' => ['nullable', 'string', 'max:200'], 'device_amps' => ['nullable', 'integer', 'in:15,20']];
    }

    /** @return array<string, string|int|null> what was said of it */
    public function agreements(): array
    {
        $said = [];
        if ($this->has('feed_mark')) {
            $said['feed_mark'] = $this->filled('feed_mark') ? $this->string('feed_mark')->toString() : null;
        }
        if ($this->has('device_amps')) {
            $said['device_amps'] = $this->filled('device_amps') ? $this->integer('device_amps') : null;
        }

        return $said;
    }
}

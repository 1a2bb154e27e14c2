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
        return [
            'feed_mark' => ['nullable', 'string', 'max:200'],
            'device_amps' => ['nullable', 'integer', 'in:15,20'],
            'replace_years' => ['nullable', 'integer', 'between:3,40'],
        ];
    }

    /** @return array<string, string|int|null> what was said of it */
    public function agreements(): array
    {
        $said = [];
        if ($this->has('feed_mark')) {
            $said['feed_mark'] = $this->filled('feed_mark') ? $this->string('feed_mark')->toString() : null;
        }
        foreach (['device_amps', 'replace_years'] as $number) {
            if ($this->has($number)) {
                $said[$number] = $this->filled($number) ? $this->integer($number) : null;
            }
        }

        return $said;
    }
}

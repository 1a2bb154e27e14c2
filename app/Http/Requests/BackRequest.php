<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Box\BackEnd;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\House\Land;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The backs of an old and a new device, and where each pair sat on the old one. */
final class BackRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'old' => ['required', 'array'],
            'new' => ['required', 'array'],
            'old.line_at' => ['required', Rule::enum(BackEnd::class)],
            'new.line_at' => ['required', Rule::enum(BackEnd::class)],
            'old.leads' => ['required', 'boolean'],
            'new.leads' => ['required', 'boolean'],
            'sat' => ['present', 'array', 'max:26'],
            'sat.*' => ['nullable', Rule::enum(Land::class)],
        ];
    }

    public function back(string $which): DeviceBack
    {
        return new DeviceBack(BackEnd::from($this->string("$which.line_at")->toString()), $this->boolean("$which.leads"));
    }

    /** @return array<Land> by the place of the pair in the box */
    public function sat(): array
    {
        $sat = [];
        foreach ($this->array('sat') as $key => $land) {
            if (is_string($land)) {
                $sat[(int) $key] = Land::from($land);
            }
        }

        return $sat;
    }
}

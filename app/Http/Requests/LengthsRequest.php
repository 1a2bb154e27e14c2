<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\House\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What lengths are shown in; nothing for what the code of each house goes by. */
final class LengthsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['unit' => ['nullable', Rule::enum(LengthUnit::class)]];
    }

    public function unit(): ?LengthUnit
    {
        return $this->enum('unit', LengthUnit::class);
    }
}

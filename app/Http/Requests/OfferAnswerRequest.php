<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a customer chooses of an offer, and the name typed to accept it. */
final class OfferAnswerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'ticked' => ['present', 'array', 'max:500'],
            'ticked.*' => ['string', 'max:4000'],
            'name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return list<string> */
    public function ticked(): array
    {
        return array_values(array_filter($this->array('ticked'), is_string(...)));
    }

    /** Null while it is only looked through. */
    public function name(): ?string
    {
        return $this->filled('name') ? trim($this->string('name')->toString()) : null;
    }
}

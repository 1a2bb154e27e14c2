<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A change made on a named revision of the house. */
abstract class OnRevisionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> what else the request carries */
    abstract protected function fields(): array;

    /** @return array<string, list<mixed>> */
    final public function rules(): array
    {
        return ['revision' => ['required', 'integer', 'min:0'], ...$this->fields()];
    }

    final public function revision(): int
    {
        return $this->integer('revision');
    }
}

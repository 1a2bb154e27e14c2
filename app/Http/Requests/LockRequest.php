<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\LockBreaker;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A breaker locked or tagged while it is off, and who holds the key. */
final class LockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['circuit' => ['required', 'string', 'max:80'], 'how' => [
            'required',
            Rule::in(['locked', 'tagged']),
        ], 'key' => ['required', 'string', 'max:120']];
    }

    public function command(): LockBreaker
    {
        return new LockBreaker(
            $this->string('circuit')->toString(),
            $this->string('how')->toString() === 'tagged',
            $this->string('key')->toString(),
        );
    }
}

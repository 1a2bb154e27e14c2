<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\File;

/**
 * A password that is not among the ten thousand commonest, and not one's own address. The list ships as the first 48 bits of each one's
 * SHA-256, sorted: what people choose is full of names.
 */
final readonly class NotCommon implements ValidationRule
{
    private const DIGITS = 12;

    public function __construct(private ?string $email = null)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $said = is_string($value) ? mb_strtolower(trim($value)) : '';
        $own = mb_strtolower(trim((string) $this->email));
        if ($own !== '' && ($said === $own || $said === explode('@', $own)[0])) {
            $fail('Your own address is no password.');
        } elseif ($this->isListed($said)) {
            $fail('This one is among the ten thousand commonest: somebody will try it.');
        }
    }

    private function isListed(string $password): bool
    {
        return in_array(substr(hash('sha256', $password), 0, self::DIGITS), File::json(resource_path('passwords/commonest.json')), true);
    }
}

<?php

declare(strict_types=1);

namespace App\Support;

use App\Rules\NotCommon;

/** What a password has to be, wherever one is set. */
final class Passwords
{
    public const LEAST = 10;

    /**
     * @param string|null $email of whom it is to be
     *
     * @return list<mixed>
     */
    public static function rules(?string $email): array
    {
        return ['bail', 'required', 'string', 'min:' . self::LEAST, 'max:200', 'confirmed', new NotCommon($email)];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return ['password.min' => 'Ten characters or more, please.', 'password.confirmed' => 'The two passwords differ.'];
    }
}

<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Str;

/** Codes that change every half minute (RFC 6238), by the OATH Toolkit of Debian; and codes on paper for who has lost the phone. */
final class Totp
{
    private const SECONDS = 30;

    /** Steps before and after now whose code is taken: clocks differ. */
    private const SLACK = 1;

    private const RECOVERY_CODES = 8;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @return string 160 bits in base 32 */
    public static function secret(): string
    {
        return implode('', array_map(fn(): string => self::BASE32[random_int(0, 31)], range(1, 32)));
    }

    public static function uri(User $user, string $secret): string
    {
        return 'otpauth://totp/' . rawurlencode("Bouclier:{$user->email}") . '?' . http_build_query([
            'secret' => $secret,
            'issuer' => 'Bouclier',
            'period' => self::SECONDS,
        ]);
    }

    /** The half minute a code is of, if it is one of now and later than the last that was taken. */
    public static function stepOf(string $secret, string $code, ?int $last = null): ?int
    {
        $first = intdiv(now()->getTimestamp(), self::SECONDS) - self::SLACK;
        foreach (self::codes($secret, $first, 2 * self::SLACK + 1) as $place => $right) {
            if (hash_equals($right, $code) && ($last === null || $first + $place > $last)) {
                return $first + $place;
            }
        }

        return null;
    }

    /**
     * @param int $first half minutes since 1970
     *
     * @return list<string>
     */
    public static function codes(string $secret, int $first, int $count): array
    {
        // The secret goes in by the standard input: arguments are seen by everybody on the machine.
        $run = Process::input("$secret\n")
            ->run(['oathtool', '--totp', '--base32', '--now', '@' . $first * self::SECONDS, '--window', (string) ($count - 1), '-'])
            ->throw();

        return array_values(array_filter(explode("\n", trim($run->output())), fn(string $code): bool => $code !== ''));
    }

    /** @return list<string> to be written down once */
    public static function recoveryCodes(): array
    {
        return array_map(fn(): string => strtolower(Str::random(5) . '-' . Str::random(5)), range(1, self::RECOVERY_CODES));
    }
}

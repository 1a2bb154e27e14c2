<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What the app keeps of its own under the `x` of a part, which the house file leaves to whoever writes it. */
final readonly class Extra
{
    /**
     * The same with one key said otherwise.
     *
     * @param mixed $value null takes the key away
     *
     * @return object|null null where nothing is left
     */
    public static function with(?object $x, string $key, mixed $value): ?object
    {
        $said = array_diff_key(get_object_vars($x ?? (object) []), [$key => true]);
        $said = $value === null ? $said : [...$said, $key => $value];

        return $said === [] ? null : (object) $said;
    }

    /** @return list<string> what is listed under a key */
    public static function listed(?object $x, string $key): array
    {
        $said = get_object_vars($x ?? (object) [])[$key] ?? [];

        return is_array($said) ? array_values(array_filter($said, is_string(...))) : [];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/**
 * The names what a test may show goes by, for chances to be added up under: "holds", "trips g,c1 dead p", "volts 30". An id is any text, so those in a name
 * have what separates them written as %20 and the like.
 */
final class Shown
{
    /** Percent first: what is written out is read back as it was. */
    private const WRITTEN = ['%' => '%25', ' ' => '%20', ',' => '%2C'];

    /** @param list<string> $ids of devices and breakers; none where it is the device of the test itself */
    public static function trips(array $ids): string
    {
        return 'trips ' . self::listed($ids);
    }

    /** @param list<string> $ids of points */
    public static function dead(array $ids): string
    {
        return 'dead ' . self::listed($ids);
    }

    /** @return array{string, string} what is shown, and which: "trips g,c1 dead p" is "trips" and "g,c1 dead p" */
    public static function parts(string $shown): array
    {
        [$what, $which] = [...explode(' ', $shown, 2), ''];

        return [$what, $which];
    }

    /** @return list<string> ids of the devices and breakers that trip */
    public static function tripped(string $shown): array
    {
        [$what, $which] = self::parts($shown);
        $listed = explode(' ', $which)[0];

        return $what !== 'trips' || $listed === '' || $listed === 'dead' ? [] : array_map(rawurldecode(...), explode(',', $listed));
    }

    /** @param list<string> $ids */
    private static function listed(array $ids): string
    {
        return implode(',', array_map(fn(string $id): string => $id === 'dead' ? '%64ead' : strtr($id, self::WRITTEN), $ids));
    }
}

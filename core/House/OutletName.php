<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What an outlet is called while nobody has given it a name of its own: by what it serves, and by where it is when that was said. */
final readonly class OutletName
{
    public static function of(PointKind $kind, ?Serves $serves, string $place = ''): string
    {
        $what = $serves?->label() ?? $kind->label();
        if ($place === '') {
            return $what;
        }
        $isTold = $serves === null || $serves === Serves::General || str_contains($place, mb_strtolower($what));

        return $isTold ? mb_strtoupper(mb_substr($place, 0, 1)) . mb_substr($place, 1) : "$what, $place";
    }

    /** Whether somebody gave the outlet its name: it is not the one that comes with what it is. */
    public static function isOwn(Point $point): bool
    {
        $was = self::of($point->kind, $point->serves);

        return $point->name !== $was && ! str_starts_with($point->name, "$was, ");
    }

    /** The name of an outlet after a correction of what it is or serves: it goes with that unless it was the user's own. */
    public static function after(Point $before, Point $after): string
    {
        return $before->name !== $after->name || self::isOwn($before)
            ? $after->name
            : self::of($after->kind, $after->serves) . mb_substr($before->name, mb_strlen(self::of($before->kind, $before->serves)));
    }
}

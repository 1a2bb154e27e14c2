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

    /** The name of an outlet after a correction of what it is or serves: it goes with that unless it was the user's own. */
    public static function after(Point $before, Point $after): string
    {
        [$was, $is] = [self::of($before->kind, $before->serves), self::of($after->kind, $after->serves)];
        if ($before->name !== $after->name || ($before->name !== $was && ! str_starts_with($before->name, "$was, "))) {
            return $after->name;
        }

        return $is . mb_substr($before->name, mb_strlen($was));
    }
}

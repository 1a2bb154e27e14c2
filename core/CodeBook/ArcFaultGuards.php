<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Cec\Section26_658\ArcFaultWays;
use Bouclier\Core\CodeBook\Nec\Section210_12\AfciWays;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Work;

/** Whether an AFCI that protects an outlet does by the edition, and where one would. */
final class ArcFaultGuards
{
    /** Why this guard does not do for the outlet, null when it does. */
    public static function objection(Site $site, Guard $guard): ?string
    {
        return $site->edition->isNec() ? AfciWays::objection($site, $guard) : ArcFaultWays::objection($site, $guard);
    }

    /** Whether an AFCI device at a point would do for what it protects, under a kind of work. */
    public static function wouldDo(Context $context, Point $device, Work $work): bool
    {
        return self::objection(new Site($context, $device, $work), new Guard($device)) === null;
    }

    /** Whether an AFCI breaker there does only with an outlet-type AFCI at the first outlet too. */
    public static function wantsFirstOutletToo(Circuit $circuit, Edition $edition): bool
    {
        return $edition->isNec() && AfciWays::wantsFirstOutletToo($circuit);
    }

    /** Whether no outlet lies between the breaker and the point. */
    public static function isFirstOutlet(Point $device, FeedMap $feeds): bool
    {
        return AfciWays::isFirstOutlet($device, $feeds);
    }
}

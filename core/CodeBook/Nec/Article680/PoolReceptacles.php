<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Protection;

/**
 * NEC 680.22(A)(4): any 125 V, 15 or 20 A receptacle within 20 ft of the inside wall of a pool. A door or window ends the path here, in
 * every edition.
 */
final class PoolReceptacles implements Rule
{
    public const LIMIT_FT = 20.0;

    public function id(): string
    {
        return 'nec-680.22(A)(4)-pool-receptacles';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.22(A)(4)');
    }

    public function reason(): string
    {
        return 'Cords reach pools: receptacles near one are protected, indoors or out.';
    }

    public function binds(Site $site): ?string
    {
        $nearest = $site->isCordReceptacle(125.0)
            ? HowFar::nearest($site, [FixtureKind::Pool], fn(Distance $way): bool => $way->crosses() === Crosses::None)
            : null;
        $limit = $site->amendedDistance($this)->ft ?? self::LIMIT_FT;

        return $nearest !== null && $nearest->ft <= $limit
            ? 'It is ' . HowFar::said($nearest->ft, $site->edition) . ' from the pool.'
            : null;
    }
}

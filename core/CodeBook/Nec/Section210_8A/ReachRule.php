<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\CordPath;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Reach;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;

/** A clause of 210.8(A) that counts distance: receptacles within 6 ft of water, by the path of a cord; 6 ft exactly is within. */
abstract class ReachRule implements Reach, UsesData
{
    public const LIMIT_FT = 6.0;

    /** What the distance is measured to, in words. */
    abstract protected function edge(Site $site): string;

    final public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    final public function uses(Edition $edition): array
    {
        return [
            'Within ' . HowFar::said(self::LIMIT_FT, $edition->unit()) . ', exactly that far included',
            CordPath::inWords($edition),
            ...Scope::inWords($edition),
        ];
    }

    final public function limitFt(?Site $site): float
    {
        return $site?->amendedDistance($this)->ft ?? self::LIMIT_FT;
    }

    final public function binds(Site $site): ?string
    {
        $nearest = Scope::holds($site->point, $site->edition)
            ? HowFar::nearest($site, $this->fixtures(), fn(Distance $way): bool => CordPath::counts($way, $site->edition))
            : null;
        if ($nearest === null || $nearest->ft > $this->limitFt($site)) {
            return null;
        }

        return 'It is ' . HowFar::said($nearest->ft, $site->unit()) . " from {$this->edge($site)}, " . HowFar::how($nearest) . '.'
            . CordPath::remark($nearest, $site->edition);
    }
}

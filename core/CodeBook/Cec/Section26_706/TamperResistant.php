<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec\Section26_706;

use Bouclier\Core\CodeBook\Cec\Stationary;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Protection;

/** CEC 26-706: tamper-resistant 5-15R and 5-20R receptacles throughout, but not above 2 m nor behind a stationary appliance. */
final class TamperResistant implements Rule, UsesData
{
    private const LIMIT_M = 2.0;

    public function id(): string
    {
        return 'cec-26-706-tamper-resistant';
    }

    public function asksFor(): Protection
    {
        return Protection::Tr;
    }

    public function clauses(): Clauses
    {
        return Clauses::cec('26-706');
    }

    public function reason(): string
    {
        return 'Receptacles within reach of a child have shutters.';
    }

    public function binds(Site $site): ?string
    {
        return $site->isCordReceptacle(125.0)
            && ! Stationary::hides($site)
            && $site->point->heightFt() * LengthUnit::METRES_PER_FOOT <= self::LIMIT_M
            ? 'It is within reach.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Up to ' . self::LIMIT_M . ' m high'];
    }
}

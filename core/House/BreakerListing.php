<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What an AFCI-related breaker is listed as; decides the ways of 210.12. */
enum BreakerListing: string implements Choice
{
    case Combination = 'combination';
    case BranchFeeder = 'branch_feeder';
    case SupplementalArc = 'supplemental_arc';
    case System = 'system';

    public function label(): string
    {
        return match ($this) {
            self::Combination => 'Combination type',
            self::BranchFeeder => 'Branch/feeder type',
            self::SupplementalArc => 'Supplemental arc protection',
            self::System => 'System-listed',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Serves;

/**
 * A cover that does not do where the outlet is: weatherproof when closed in a damp location, with the plug in where it is wet (406.9).
 * Outdoors one is needed in any case.
 */
final class WrongCover implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'wrong_cover' => new Finds(Hazard::Shock, Clauses::everyNec('406.9(A)')),
            'wrong_cover, wet' => new Finds(Hazard::Shock, Clauses::everyNec('406.9(B)(1)')),
            'wrong_cover, other' => new Finds(Hazard::Shock, Clauses::everyNec('406.9(B)(2)')->second()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $severity = self::severity($site);
        if ($severity === null) {
            return [];
        }
        $wet = $site->weather() === Exposure::Wet;
        $has = $site->point->cover === null ? 'its cover is not recorded' : 'has ' . lcfirst($site->point->cover->label());

        return [$this->found(
            match (true) {
                ! $wet => 'wrong_cover',
                $site->isCordReceptacle(250.0) => 'wrong_cover, wet',
                default => 'wrong_cover, other',
            },
            $site,
            $severity,
            "{$site->point->code} is in a {$site->weather()->value} location" . self::assumed($site) . " and $has: it wants "
                . match (true) {
                    ! $wet => 'one that keeps water out when closed.',
                    $site->isCordReceptacle(250.0) => 'an extra-duty hood that keeps water out with a plug in.',
                    default => 'an enclosure that keeps water out with the plug in.',
                },
        )];
    }

    private static function severity(Site $site): ?Severity
    {
        $weather = $site->weather();
        if ($weather === Exposure::Dry || ! $site->point->isReceptacle() || $site->serves(Serves::CeilingSupport)) {
            return null;
        }
        $outdoors = $site->area->kind === AreaKind::Outdoors;

        return match ($site->point->cover) {
            null => $outdoors ? Severity::Advice : null,
            Cover::None => $outdoors ? Severity::Error : Severity::ofClause($site->work),
            Cover::Flip => $weather === Exposure::Wet ? Severity::ofClause($site->work) : null,
            Cover::InUse => null,
        };
    }

    private static function assumed(Site $site): string
    {
        return $site->point->exposure === $site->weather() ? '' : ' (outdoors, and not said to be under a roof)';
    }
}

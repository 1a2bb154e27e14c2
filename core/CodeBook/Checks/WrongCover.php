<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Exposure;

/** A cover that does not do where the outlet is: weatherproof when closed in a damp location, with the plug in where it is wet (406.9). */
final class WrongCover implements PointCheck
{
    public function clauses(): array
    {
        return ['wrong_cover' => Clauses::everyNec('406.9(A)'), 'wrong_cover, wet' => Clauses::everyNec('406.9(B)(1)')];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $cover = $site->point->cover;
        $wrong = match ($site->point->exposure()) {
            Exposure::Wet => $cover === Cover::None || $cover === Cover::Flip,
            Exposure::Damp => $cover === Cover::None,
            Exposure::Dry => false,
        };
        if ($cover === null || ! $wrong || ! $site->isCordReceptacle(250.0)) {
            return [];
        }
        $wet = $site->point->exposure() === Exposure::Wet;
        $clause = $this->clauses()[$wet ? 'wrong_cover, wet' : 'wrong_cover']->in($site->edition);

        return [new Finding(
            'wrong_cover',
            Severity::ofClause($site->work),
            $clause,
            "{$site->point->code} is in a {$site->point->exposure()->value} location and has " . lcfirst($cover->label()) . ': it wants '
                . ($wet ? 'an extra-duty hood that keeps water out with a plug in.' : 'one that keeps water out when closed.'),
        )];
    }
}

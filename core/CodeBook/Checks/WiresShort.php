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

/** Too little free conductor in a box (300.14): 6 in from where it enters, 3 in past the face of an opening under 8 in. */
final class WiresShort implements PointCheck
{
    use Found;

    /** Inches of free conductor, and of conductor past the face. */
    public const FREE_IN = 6.0;
    public const PAST_FACE_IN = 3.0;

    private const SMALL_OPENING_IN = 8.0;

    public function finds(): array
    {
        return ['wires_short' => new Finds(Hazard::None, Clauses::everyNec('300.14'))];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $box = $site->point->box;
        $short = match (true) {
            $box === null || ! $site->edition->isNec() => null,
            $box->freeIn !== null && $box->freeIn < self::FREE_IN => "has {$box->freeIn} in of free conductor and wants " . self::FREE_IN,
            $box->pastFaceIn !== null
                && $box->pastFaceIn < self::PAST_FACE_IN
                && ($box->openingIn ?? 0.0) < self::SMALL_OPENING_IN => "has {$box->pastFaceIn} in of conductor past its face and wants "
                    . self::PAST_FACE_IN,
            default => null,
        };

        return $short === null
            ? []
            : [
                $this->found('wires_short', $site, Severity::ofClause($site->work), "The box of {$site->point->code} $short."),
            ];
    }
}

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
use Bouclier\Core\Feed\Observed\BoxChecks;
use Bouclier\Core\House\BoxCheck;

/** What was looked at in the open box before it is closed, and is not right. */
final class BoxCheckedWrong implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'box_wrong, fire' => new Finds(Hazard::Fire, Clauses::none()),
            'box_wrong, shock' => new Finds(Hazard::Shock, Clauses::none()),
            'box_wrong' => new Finds(Hazard::None, Clauses::none()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $found = [];
        foreach (BoxChecks::last($site->house, $site->point) as $checked) {
            if (! $checked->ok) {
                $found[] = $this->found(
                    self::kind($checked->check),
                    $site,
                    Severity::Warning,
                    "Looked at in the box of {$site->point->code} and not right: {$checked->check->label()}.",
                );
            }
        }

        return $found;
    }

    private static function kind(BoxCheck $check): string
    {
        return match ($check) {
            BoxCheck::Terminals, BoxCheck::GroundsPigtailed, BoxCheck::Cover, BoxCheck::Listed => 'box_wrong, shock',
            BoxCheck::Support, BoxCheck::Flush => 'box_wrong',
            default => 'box_wrong, fire',
        };
    }
}

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
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\Protection;

/** An outlet without a ground: behind a GFCI it may stay, but it must say so (406.4(D)(2)). */
final class NoGroundUnlabelled implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['no_ground_unlabelled' => new Finds(Hazard::Shock, Clauses::everyNec('406.4(D)(2)'))];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $point = $site->point;
        $wanted = self::wanted($site, $judged);
        $missing = array_filter($wanted, fn(PointLabel $label): bool => ! in_array($label, $point->labels(), true));
        if ($missing === []) {
            return [];
        }
        $texts = implode(' and ', array_map(fn(PointLabel $label): string => "\"{$label->label()}\"", $missing));

        return [
            $this->found(
                'no_ground_unlabelled',
                $site,
                Severity::ofClause($site->work),
                "{$point->code} has no ground and wants the label $texts. A plug-in tester's button cannot trip its GFCI; the device's "
                    . 'own TEST can.',
            ),
        ];
    }

    /** @return list<PointLabel> labels that are asked for there */
    public static function wanted(Site $site, PointAssessment $judged): array
    {
        $point = $site->point;
        $guards = $judged->guards(Protection::Gfci);
        if ($point->ground() !== GroundPath::None
            || ! $point->isReceptacle()
            || $point->slots() === 2
            || $guards === []
            || UngroundedReceptacle::severity($site, $judged) !== null) {
            return [];
        }
        $own = $guards[0]->id() === $point->id;

        return $own ? [PointLabel::NoEquipmentGround] : [PointLabel::GfciProtected, PointLabel::NoEquipmentGround];
    }
}

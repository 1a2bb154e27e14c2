<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Exemption;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Granted;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\Protection;

/** An assessment as the answer of `bouclier assess`. */
final class AssessmentWriter
{
    /** @return array<string, mixed> */
    public static function toData(Assessment $assessment): array
    {
        $points = new \stdClass();
        foreach ($assessment->points as $point) {
            $points->{$point->point->id} = self::point($point);
        }

        return [
            'edition' => $assessment->edition->value,
            'points' => $points,
            'findings' => array_map(self::finding(...), $assessment->findings),
        ];
    }

    /** @return array<string, mixed> */
    public static function point(PointAssessment $point): array
    {
        $requires = [];
        $has = [];
        $shown = [];
        $verdict = [];
        foreach (Protection::cases() as $protection) {
            $requires[$protection->value] = array_map(self::demand(...), $point->demandsFor($protection));
            if ($protection->isGivenByDevices()) {
                $has[$protection->value] = array_map(fn(Guard $guard): string => $guard->id(), $point->guards($protection));
                $shown[$protection->value] = array_map(
                    fn(Guard $guard): string => $guard->id(),
                    array_values(array_filter($point->guards($protection), fn(Guard $guard): bool => $guard->shown !== null)),
                );
                $verdict[$protection->value] = $point->verdict($protection)->value;
            }
        }

        return [
            'requires' => $requires,
            'has' => $has,
            'shown' => $shown,
            'verdict' => $verdict,
            'findings' => array_map(self::finding(...), $point->findings),
            'exempt' => array_map(self::exemption(...), $point->exemptions),
            'unmet' => ['afci' => $point->objections(Protection::Afci)],
            'granted' => array_map(
                fn(Granted $one): array => ['in' => $one->in, 'id' => $one->id, 'field' => $one->field, 'text' => $one->text],
                $point->granted,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function demand(Demand $demand): array
    {
        return [
            'clause' => $demand->clause,
            'why' => "{$demand->fact} {$demand->reason}",
            'fact' => $demand->fact,
            'rule' => $demand->ruleId,
            ...self::amended($demand->amendment),
        ];
    }

    /** @return array<string, mixed> */
    private static function exemption(Exemption $exemption): array
    {
        return [
            'from' => $exemption->from->value,
            'clause' => $exemption->clause,
            'by' => $exemption->by,
            'why' => $exemption->why,
            ...self::amended($exemption->amendment),
        ];
    }

    /** @return array<string, mixed> */
    private static function amended(?Amendment $amendment): array
    {
        return $amendment === null
            ? []
            : ['amended' => ['author' => $amendment->author, 'date' => $amendment->date, 'source' => $amendment->source]];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        return [
            'id' => $finding->id,
            'clause' => $finding->clause,
            'severity' => $finding->severity->value,
            'hazard' => $finding->hazard->value,
            'why' => $finding->why,
        ]
            + array_filter(
                ['circuit' => $finding->circuit, 'area' => $finding->area, 'points' => $finding->points],
                fn(mixed $about): bool => $about !== null && $about !== [],
            );
    }
}

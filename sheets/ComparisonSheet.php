<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Comparison;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Difference;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/**
 * What two editions judge differently, ready to show: each side with its verdict, clauses and reason.
 *
 * @phpstan-type ComparedSide array{
 *     asked: bool,
 *     verdict: value-of<Verdict>|null,
 *     verdictName: string,
 *     clauses: list<string>,
 *     fact: string|null,
 * }
 * @phpstan-type ComparedOutlet array{
 *     id: string,
 *     code: string,
 *     name: string,
 *     room: string,
 *     protection: string,
 *     newlyAsked: bool,
 *     before: ComparedSide,
 *     after: ComparedSide,
 * }
 */
final class ComparisonSheet
{
    /** @return list<ComparedOutlet> */
    public static function of(House $house, Edition $from, Edition $to): array
    {
        return array_map(fn(Difference $difference): array => [
            'id' => $difference->before->point->id,
            'code' => $difference->before->point->code,
            'name' => $difference->before->point->name,
            'room' => $house->areaOf($difference->before->point)->name,
            'protection' => $difference->protection->label(),
            'newlyAsked' => $difference->isNewlyAsked(),
            'before' => self::side($difference->before, $difference->protection),
            'after' => self::side($difference->after, $difference->protection),
        ], Comparison::of($house, $from, $to));
    }

    /** @return ComparedSide */
    private static function side(PointAssessment $judged, Protection $protection): array
    {
        $demands = $judged->demandsFor($protection);

        return [
            'asked' => $demands !== [],
            'verdict' => $protection->isGivenByDevices() ? $judged->verdict($protection)->value : null,
            'verdictName' => $protection->isGivenByDevices()
                ? $judged->verdict($protection)->label()
                : ($demands === [] ? 'not asked' : 'asked'),
            'clauses' => array_map(fn(Demand $demand): string => $demand->clause, $demands),
            'fact' => $demands[0]->fact ?? null,
        ];
    }
}

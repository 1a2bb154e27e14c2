<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Amended;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Comparison;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Difference;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/**
 * What two editions, or an amendment more, judge differently, ready to show: each side with its verdict, clauses and reason.
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
 * @phpstan-type AmendmentEffect array{
 *     // Whether it is about any rule of the edition.
 *     matches: bool,
 *     outlets: list<ComparedOutlet>,
 * }
 */
final class ComparisonSheet
{
    /** @return list<ComparedOutlet> */
    public static function of(House $house, Edition $from, Edition $to): array
    {
        return self::outlets($house, Comparison::of($house, $from, $to));
    }

    /**
     * What each local amendment would change, before it is kept.
     *
     * @return list<AmendmentEffect>
     */
    public static function ofAmendments(House $house, CodeOfPlace $code): array
    {
        return array_map(fn(Amendment $amendment, array $differences): array => [
            'matches' => Amended::matches($amendment, CodeBook::shipped(), $code->edition, $code->edition),
            'outlets' => self::outlets($house, $differences),
        ], $code->amendments(), Comparison::ofAmendments($house, $code));
    }

    /**
     * @param list<Difference> $differences
     *
     * @return list<ComparedOutlet>
     */
    private static function outlets(House $house, array $differences): array
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
        ], $differences);
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

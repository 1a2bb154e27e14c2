<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\PlanChoice;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Scope\Bill;
use Bouclier\Core\Scope\Need;
use Bouclier\Core\Scope\Scope;
use Bouclier\Core\Scope\ScopeLine;
use Bouclier\Core\Scope\Step;

/**
 * A scope as it is offered to a customer: in plain words, at the prices of the day, with what of it is asked by code and what may be left
 * out.
 *
 * @phpstan-import-type StepSent from ScopeSheet
 * @phpstan-type OfferedLine array{
 *     key: string,
 *     need: value-of<Need>,
 *     title: string,
 *     plain: string,
 *     clauses: list<string>,
 *     codes: list<string>,
 *     cost: float,
 *     minutes: float,
 * }
 * @phpstan-type Offered array{
 *     house: string,
 *     edition: string,
 *     crew: string,
 *     licence: string|null,
 *     madeOn: string,
 *     validUntil: string,
 *     lines: list<OfferedLine>,
 * }
 * @phpstan-type OfferKept array{
 *     offered: Offered,
 *     // What each line takes, by its key; and what things cost then.
 *     steps: array<string, list<StepSent>>,
 *     prices: array{prices: array<string, float>, minutes: array<string, float>, rate_per_hour: float},
 * }
 */
final class OfferSheet
{
    /**
     * @param list<string> $keys of the lines that are offered
     *
     * @return OfferKept
     */
    public static function of(
        House $house,
        PlanChoice $choice,
        array $keys,
        string $crew,
        ?string $licence,
        string $madeOn,
        string $validUntil,
    ): array {
        $scope = Scope::of($house, $choice->asFarAsItGoes($house));
        $lines = array_values(array_filter($scope->lines, fn(ScopeLine $line): bool => in_array($line->key, $keys, true)));
        $steps = [];
        foreach ($lines as $line) {
            $steps[$line->key] = array_map(ScopeSheet::step(...), $line->steps);
        }

        return [
            'offered' => [
                'house' => $house->name,
                'edition' => $house->code->edition->label(),
                'crew' => $crew,
                'licence' => $licence,
                'madeOn' => $madeOn,
                'validUntil' => $validUntil,
                'lines' => array_map(fn(ScopeLine $line): array => self::line($line, $scope), $lines),
            ],
            'steps' => $steps,
            'prices' => $scope->prices->said(),
        ];
    }

    /**
     * What some lines of an offer come to, done together, at its own prices.
     *
     * @param \stdClass $kept as it was offered
     * @param list<string> $ticked keys
     */
    public static function total(\stdClass $kept, array $ticked): float
    {
        $body = Body::of($kept);
        $steps = [];
        $by = $body->part('steps');
        foreach (array_intersect($by->keys(), $ticked) as $key) {
            array_push($steps, ...Step::allTold($by, $key));
        }
        $prices = $kept->prices ?? null;

        return (new Bill($steps, PriceTable::in($prices instanceof \stdClass ? get_object_vars($prices) : [])))->cost();
    }

    /** @return OfferedLine */
    private static function line(ScopeLine $line, Scope $scope): array
    {
        $adds = $scope->adds($line);

        return [
            'key' => $line->key,
            'need' => $line->need->value,
            'title' => $line->title,
            'plain' => $line->plain,
            'clauses' => $line->clauses,
            'codes' => $line->codes,
            'cost' => $adds->cost,
            'minutes' => $adds->minutes,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Feed\Trace\Conflict;
use Bouclier\Core\Feed\Trace\Edge;
use Bouclier\Core\Feed\Trace\Next;
use Bouclier\Core\Feed\Trace\NextKind;
use Bouclier\Core\Feed\Trace\Trace;

/** A trace as the answer of `bouclier trace`. */
final class TraceWriter
{
    /** @return array<string, mixed> */
    public static function toData(Trace $trace): array
    {
        $points = new \stdClass();
        foreach ($trace->places as $place) {
            $points->{$place->point} = [
                'circuit' => $place->circuit,
                'protected_by' => $place->protectedBy,
                'upstream' => $place->upstream,
                'certain' => $place->certain,
            ];
        }

        return [
            'points' => $points,
            'edges' => array_map(self::edge(...), $trace->edges),
            'unknown_pairs' => $trace->unknownPairs,
            'conflicts' => array_map(
                fn(Conflict $conflict): array => [
                    'observations' => $conflict->observations,
                    'cables' => $conflict->cables,
                    'why' => $conflict->why,
                ],
                $trace->conflicts,
            ),
            'next' => $trace->next === null ? null : self::next($trace->next),
            'resolved' => $trace->resolved,
        ];
    }

    /** @return array<string, mixed> */
    private static function edge(Edge $edge): array
    {
        return [
            'from' => $edge->from,
            'to' => $edge->to,
            'land' => $edge->onLoad === null ? null : ($edge->onLoad ? 'load' : 'line'),
            'certain' => $edge->certain,
        ];
    }

    /** @return array<string, mixed> */
    public static function next(Next $next): array
    {
        $place = match ($next->kind) {
            NextKind::Off => ['circuit' => $next->circuit],
            NextKind::Trip => ['at' => $next->point],
            NextKind::Lift => ['point' => $next->point, 'pair' => $next->pair],
            default => ['point' => $next->point],
        };

        return ['kind' => $next->kind->value, ...$place, 'minutes' => $next->minutes, 'why' => $next->why];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Feed\Trace;

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Exchange\TraceWriter;
use Bouclier\Core\Feed\Trace\Edge;
use Bouclier\Core\Feed\Trace\Trace;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\House;

/** Does what the tracer asks for, on a house only the test knows, until it says that all is known. */
final class ClosedLoop
{
    private const MOST_STEPS = 90;

    public static function house(HiddenTree $hidden): House
    {
        return (new HouseReader())->build((object) json_decode(json_encode($hidden->file(), JSON_THROW_ON_ERROR)));
    }

    public static function trace(HiddenTree $hidden): Trace
    {
        $house = self::house($hidden);

        return (new Tracer($house, ObservationReader::of($house)))->trace();
    }

    /** @param \Closure(Trace): void|null $eachStep */
    public static function run(HiddenTree $hidden, ?\Closure $eachStep = null): Trace
    {
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $trace = self::trace($hidden);
            if ($eachStep !== null) {
                $eachStep($trace);
            }
            if ($trace->next === null) {
                return $trace;
            }
            $hidden->answer(TraceWriter::next($trace->next));
        }
        throw new \RuntimeException('The trace does not come to an end');
    }

    /** @return array<string, string> */
    public static function parents(Trace $trace, bool $certainOnly = true): array
    {
        $edges = array_filter($trace->edges, fn(Edge $edge): bool => $edge->certain || ! $certainOnly);
        $parents = array_column($edges, 'from', 'to');
        ksort($parents);

        return $parents;
    }
}

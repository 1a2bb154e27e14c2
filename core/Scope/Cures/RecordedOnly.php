<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** What is found only because nobody has recorded it: looked at, and noted. */
final class RecordedOnly implements Cure
{
    public static function cures(): array
    {
        return ['not_tr', 'not_wr', 'wrong_cover', 'multiwire_no_tie', 'yoke_no_disconnect', 'tub_zone_unknown', 'no_feed'];
    }

    public static function ways(Ailment $of): iterable
    {
        $id = $of->finding->id;
        if ($id === 'no_feed' || $id === 'tub_zone_unknown') {
            $task = $id === 'no_feed' ? Task::Look : Task::Record;
            $text = $id === 'no_feed' ? "Trace what feeds {$of->point?->code}." : "Measure where {$of->point?->code} stands.";
            yield new Remedy($text, [new Step($task, null, self::at($of))], $of->house, true);
        } elseif (self::isUnrecorded($of)) {
            yield new Remedy('Look, and record what is there.', [new Step(Task::Record, null, self::at($of))], $of->house, true);
        }
    }

    private static function isUnrecorded(Ailment $of): bool
    {
        $circuit = $of->circuit();

        return $of->finding->severity === Severity::Advice && match ($of->finding->id) {
            'not_tr' => $of->point?->tr === null,
            'not_wr' => $of->point?->wr === null,
            'wrong_cover' => $of->point?->cover === null,
            default => $circuit?->handleTie === null,
        };
    }

    private static function at(Ailment $of): Spot
    {
        return new Spot(point: $of->point?->id, circuit: $of->point === null ? $of->finding->circuit : null);
    }
}

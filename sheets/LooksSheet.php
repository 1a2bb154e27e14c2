<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Diagnose\Appearance;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;

/**
 * What every outlet would read if a suspect were it, as the house stands now with every breaker on, next to what was read there; and what
 * leaked as the call was told.
 *
 * @phpstan-import-type LampsLit from SweepSheet
 * @phpstan-type LookAt array{
 *     point: string,
 *     lamps: LampsLit,
 *     // The lamps in words.
 *     spoken: string,
 *     // Null between two that float.
 *     volts: array{hn: float|null, hg: float|null, ng: float|null},
 *     // Other than with nothing wrong.
 *     isOther: bool,
 *     // Milliamperes of a clamp round its feed, hot and neutral together, where they would be other than with nothing wrong.
 *     clamp: array{ma: float, sound: float}|null,
 *     // Other than if the likeliest of the other suspects were it.
 *     tells: bool,
 *     // What was read there in this call, the last first, and whether it speaks for the suspect; null: neither.
 *     read: list<array{spoken: string, for: bool|null}>,
 * }
 * @phpstan-type Looks array{
 *     // Devices and breakers that would stand open now, and those that open as it was told, in words.
 *     open: list<string>,
 *     opened: list<string>,
 *     // Milliamperes devices of the circuit would see as it was told, and with nothing wrong, where those differ.
 *     sees: list<array{spoken: string, ma: float, sound: float}>,
 *     // The likeliest of the other suspects.
 *     rival: string|null,
 *     at: list<LookAt>,
 * }
 */
final class LooksSheet
{
    private readonly FeedMap $feeds;

    /** @var array<Appearance> by id of the cause */
    private array $appearances = [];

    /**
     * @param House $house with what is assumed of its runs
     * @param list<Cause> $suspects likeliest first
     * @param array<string> $names of causes by id
     * @param list<Test> $tests
     * @param array<bool> $concerned points and breaker of the circuit the call is about, by id
     * @param list<string> $running ids of appliances that ran as it happened
     */
    public function __construct(
        private readonly House $house,
        private readonly array $suspects,
        private readonly array $names,
        private readonly array $tests,
        private readonly array $concerned,
        private readonly array $running,
    ) {
        $this->feeds = new FeedMap($house);
    }

    /** @return Looks|null null of what nobody thought of: it looks like nothing that is known */
    public function of(Cause $cause): ?array
    {
        if ($cause->hypothesis->explains === Explains::Unknown) {
            return null;
        }
        $places = new Places($this->house);
        $looks = $this->appearance($cause);
        $rival = $this->rivalOf($cause);
        $at = [];
        foreach ($this->house->points as $point) {
            if ($looks->has($point->id) && (isset($this->concerned[$point->id]) || $looks->isOtherAt($point->id))) {
                $at[] = $this->at($point, $cause, $looks, $rival === null ? null : $this->appearance($rival), $places);
            }
        }

        return [
            'open' => array_map($places->device(...), $looks->open),
            'opened' => array_map($places->device(...), $looks->opened),
            'sees' => $this->sees($looks, $places),
            'rival' => $rival === null ? null : $this->names[$rival->hypothesis->id],
            'at' => $at,
        ];
    }

    /** @return list<array{spoken: string, ma: float, sound: float}> */
    private function sees(Appearance $looks, Places $places): array
    {
        $sees = [];
        foreach (array_intersect_key($looks->sees, $this->concerned) as $device => [$ma, $sound]) {
            if (round($ma, 1) !== round($sound, 1)) {
                $sees[] = ['spoken' => $places->device((string) $device), 'ma' => round($ma, 1), 'sound' => round($sound, 1)];
            }
        }

        return $sees;
    }

    /** @return LookAt */
    private function at(Point $point, Cause $cause, Appearance $looks, ?Appearance $rival, Places $places): array
    {
        $lamps = $looks->lampsAt($point->id);
        $feed = $this->feeds->feed($point)->cable->id ?? '';
        $clamp = $looks->clampOn($feed);
        $read = [];
        foreach ($this->tests as $number => $test) {
            $at = $test->action->at;
            if ($at->point === $point->id || ($at->cable !== null && $places->endPoint($at->cable) === $point->id)) {
                $read[] = ['spoken' => $test->spoken($places), 'for' => $cause->speaks[$number] ?? null];
            }
        }

        return [
            'point' => $point->id,
            'lamps' => ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng],
            'spoken' => $lamps->spoken(),
            'volts' => array_map(
                fn(?float $volts): ?float => $volts === null ? null : round($volts, 1),
                $looks->voltsAt($point->id),
            ),
            'isOther' => $looks->isOtherAt($point->id),
            'clamp' => $clamp === null ? null : ['ma' => round($clamp[0], 1), 'sound' => round($clamp[1], 1)],
            'tells' => $rival !== null && ($looks->tellsFrom($rival, $point->id) || $looks->clampTellsFrom($rival, $feed)),
            'read' => array_reverse($read),
        ];
    }

    private function appearance(Cause $cause): Appearance
    {
        return $this->appearances[$cause->hypothesis->id] ??= $cause->beliefs[0][0]->appearance($this->running);
    }

    private function rivalOf(Cause $cause): ?Cause
    {
        foreach ($this->suspects as $other) {
            if ($other !== $cause && $other->hypothesis->explains !== Explains::Unknown) {
                return $other;
            }
        }

        return null;
    }
}

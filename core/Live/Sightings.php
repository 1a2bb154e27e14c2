<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\ObservationList;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Records\Moment;
use Bouclier\Core\Records\Records;

/** Every fact of a house that says of a point that it was live or dead: readings, observations, tests of the call. */
final class Sightings
{
    /** From this on a current in a cable says that both its ends are live. */
    private const CLAMP_LIVE_MA = 50.0;

    /** @var list<Sighting> */
    private array $all = [];

    private function __construct(private readonly House $house)
    {
    }

    /** @return list<Sighting> in the order of time, those of one moment as they are listed; what has no time comes first */
    public static function in(House $house): array
    {
        $sightings = new self($house);
        array_map($sightings->reading(...), Records::of($house, 'readings'));
        array_map($sightings->observation(...), ObservationList::of($house));
        $tests = $house->sections['tests'] ?? [];
        array_map($sightings->test(...), array_filter(is_array($tests) ? $tests : [], fn(mixed $test): bool => $test instanceof \stdClass));
        usort($sightings->all, fn(Sighting $one, Sighting $other): int => ($one->at ?? 0) <=> ($other->at ?? 0));

        return $sightings->all;
    }

    private function reading(\stdClass $entry): void
    {
        $this->shown($entry, self::text($entry, 'point'), $entry);
        if (($entry->lit ?? null) !== null) {
            $this->add($entry, self::text($entry, 'point'), $entry->lit === true, true, $entry->lit === true ? 'a light lit in it' : 'its light out', isLine: $entry->lit === true);
        }
        $this->clamped($entry, self::text($entry, 'cable'), $entry->ma ?? null);
    }

    private function observation(\stdClass $entry): void
    {
        $point = self::text($entry, 'point');
        $pair = self::text($entry, 'pair') ?? '?';
        match ($entry->kind ?? null) {
            'pair' => $this->pair($entry, $point, $pair),
            'off' => $this->listed($entry, self::ids($entry, 'live'), true, 'it stayed live'),
            'lift' => $this->listed($entry, self::ids($entry, 'live'), true, "it was live with pair $pair lifted"),
            'trip' => $this->tripped($entry),
            default => null,
        };
    }

    /** Read with power on. What was marked, or sat somewhere, is no reading. */
    private function pair(\stdClass $entry, ?string $point, string $pair): void
    {
        $by = PairMeans::tryFrom(self::text($entry, 'by') ?? '');
        $isLive = ($entry->live ?? null) === true;
        match ($by) {
            PairMeans::Meter, PairMeans::Lamp => $isLive ? $this->add($entry, $point, true, true, "pair $pair read live by {$by->label()}", isLine: true) : null,
            PairMeans::NonContact => $isLive ? $this->add($entry, $point, true, false, "pair $pair glowed") : null,
            PairMeans::Cap => $this->add($entry, $point, true, false, "power was on with pair $pair capped"),
            default => null,
        };
    }

    private function tripped(\stdClass $entry): void
    {
        $back = self::ids($entry, 'back');
        $this->listed($entry, [...self::ids($entry, 'live'), ...$back], true, 'it was live');
        $this->listed($entry, array_values(array_diff(self::ids($entry, 'dead'), $back)), false, 'it went dead at TEST');
    }

    private function test(\stdClass $entry): void
    {
        $action = ($entry->action ?? null) instanceof \stdClass ? $entry->action : new \stdClass();
        $read = ($entry->reading ?? null) instanceof \stdClass ? $entry->reading : new \stdClass();
        $at = ($action->at ?? null) instanceof \stdClass ? $action->at : new \stdClass();
        $point = self::text($at, 'point') ?? $this->end(self::text($at, 'cable'), self::text($at, 'end'));
        match (ActionKind::tryFrom(self::text($action, 'do') ?? '')) {
            ActionKind::Tester => $this->shown($entry, $point, (object) ['lamps' => $read, 'half' => $action->half ?? null]),
            ActionKind::Volts => $this->shown($entry, $point, (object) ['volts' => $read->volts ?? null, 'between' => $action->between ?? null, 'half' => $action->half ?? null]),
            ActionKind::NonContact => ($read->glows ?? null) === true ? $this->add($entry, $point, true, false, 'it glowed') : null,
            ActionKind::Clamp => $this->clamped($entry, self::text($action, 'cable') ?? self::text($at, 'cable'), $read->ma ?? null, $read->hot_ma ?? null),
            ActionKind::Walk => $this->listed($entry, self::ids($read, 'live'), true, 'it was live on a walk'),
            default => null,
        };
    }

    /** Lamps, volts or a glow, as a reading says them. */
    private function shown(\stdClass $entry, ?string $point, \stdClass $read): void
    {
        $half = Half::tryFrom(self::text($read, 'half') ?? '');
        $terminals = Terminals::tryFrom(self::text($read, 'terminals') ?? '');
        if (is_numeric($read->volts ?? null)) {
            $volts = (float) $read->volts;
            $isLive = $volts >= DeadProof::LIMIT_VOLTS;
            // No volts at a neutral are as it should be, and say nothing of its hot.
            if ($isLive || Between::tryFrom(self::text($read, 'between') ?? '')?->isNeutralAlone() !== true) {
                $this->add($entry, $point, $isLive, true, round($volts, 1) . ' V', $half, $terminals, $volts >= DeadProof::LINE_VOLTAGE * $this->house->supplyVolts());
            }
        }
        if (($read->lamps ?? null) instanceof \stdClass && is_bool($read->lamps->hn ?? null)) {
            $isLit = in_array(true, [$read->lamps->hn, $read->lamps->hg ?? null, $read->lamps->ng ?? null], true);
            $isHot = $read->lamps->hn || ($read->lamps->hg ?? null) === true;
            $this->add($entry, $point, $isLit, true, $isLit ? 'a lamp of the tester lit' : 'no lamp of the tester lit', $half, isLine: $isHot);
        }
        if (($read->glows ?? null) === true) {
            $this->add($entry, $point, true, false, 'it glowed');
        }
    }

    private function clamped(\stdClass $entry, ?string $cable, mixed ...$ma): void
    {
        $most = max([0.0, ...array_map(floatval(...), array_filter($ma, is_numeric(...)))]);
        if ($cable !== null && $most > self::CLAMP_LIVE_MA) {
            foreach (['from', 'to'] as $end) {
                $this->add($entry, $this->end($cable, $end), true, false, round($most) . ' mA in its cable');
            }
        }
    }

    /** @param list<string> $points */
    private function listed(\stdClass $entry, array $points, bool $isLive, string $shown): void
    {
        foreach ($points as $point) {
            $this->add($entry, $point, $isLive, false, $shown);
        }
    }

    private function add(\stdClass $entry, ?string $point, bool $isLive, bool $isContact, string $shown, ?Half $half = null, ?Terminals $terminals = null, bool $isLine = false): void
    {
        if ($point !== null && $this->house->hasPoint($point)) {
            $time = self::text($entry, 'at_time');
            $fact = json_encode($entry, JSON_THROW_ON_ERROR);
            $this->all[] = new Sighting($point, $isLive, $isContact, $shown, $fact, Moment::seconds($time), $time, self::text($entry, 'who'), $half, $terminals, $isLine);
        }
    }

    private function end(?string $cable, ?string $end): ?string
    {
        $found = $this->house->findCable($cable);

        return $end === 'from' ? $found?->fromPoint() : $found?->to->point;
    }

    private static function text(\stdClass $entry, string $key): ?string
    {
        return is_string($entry->{$key} ?? null) ? $entry->{$key} : null;
    }

    /** @return list<string> */
    private static function ids(\stdClass $entry, string $key): array
    {
        return is_array($entry->{$key} ?? null) ? array_values(array_filter($entry->{$key}, is_string(...))) : [];
    }
}

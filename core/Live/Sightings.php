<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\LiveSight;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Actions\SaidOfAction;
use Bouclier\Core\Actions\Tester;
use Bouclier\Core\Feed\Observed\ObservationList;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Records\Moment;
use Bouclier\Core\Records\Records;

/** Every fact of a house that says of a point that it was live or dead: readings, observations, tests of the call. */
final class Sightings implements LiveSight
{
    /** From this on a current in a cable says that both its ends are live. */
    private const CLAMP_LIVE_MA = 50.0;

    /** @var list<Sighting> */
    private array $all = [];

    /** What is read just now. */
    private \stdClass $entry;

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
        $this->entry = $entry;
        $at = new Spot(point: self::text($entry, 'point'));
        $half = Half::tryFrom(self::text($entry, 'half') ?? '');
        if (is_numeric($entry->volts ?? null)) {
            $between = Between::tryFrom(self::text($entry, 'between') ?? '');
            $this->voltage($at->point, $half, Terminals::tryFrom(self::text($entry, 'terminals') ?? ''), $between, (float) $entry->volts);
        }
        if (($entry->lamps ?? null) instanceof \stdClass) {
            (new Tester($at, $half))->sees(Reading::fromData($entry->lamps), $this);
        }
        if (($entry->glows ?? null) === true) {
            $this->glow($at);
        }
        if (($entry->lit ?? null) !== null) {
            $this->add(
                $entry,
                self::text($entry, 'point'),
                $entry->lit === true,
                true,
                $entry->lit === true ? 'a light lit in it' : 'its light out',
                isLine: $entry->lit === true,
            );
        }
        if (self::text($entry, 'cable') !== null && is_numeric($entry->ma ?? null)) {
            $this->current(self::text($entry, 'cable'), (float) $entry->ma);
        }
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
            PairMeans::Meter, PairMeans::Lamp => $isLive
                ? $this->add($entry, $point, true, true, "pair $pair read live by {$by->label()}", isLine: true)
                : null,
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
        $said = new SaidOfAction($action);
        $this->entry = $entry;
        Kinds::named($said->text('do') ?? '')::of($said)->sees(Reading::fromData($read), $this);
    }

    public function lamps(Spot $at, ?Half $half, bool $hn, ?bool $hg, ?bool $ng): void
    {
        $isLit = $hn || $hg === true || $ng === true;
        $this->add(
            $this->entry,
            $this->pointOf($at),
            $isLit,
            true,
            $isLit ? 'a lamp of the tester lit' : 'no lamp of the tester lit',
            $half,
            isLine: $hn || $hg === true,
        );
    }

    public function volts(Spot $at, ?Half $half, ?Between $between, float $volts): void
    {
        $this->voltage($this->pointOf($at), $half, null, $between, $volts);
    }

    public function glow(Spot $at): void
    {
        $this->add($this->entry, $this->pointOf($at), true, false, 'it glowed');
    }

    public function current(string $cable, float $milliamperes): void
    {
        if ($milliamperes > self::CLAMP_LIVE_MA) {
            foreach ([true, false] as $atFrom) {
                $this->add(
                    $this->entry,
                    $this->pointOf(new Spot(cable: $cable, atFrom: $atFrom)),
                    true,
                    false,
                    round($milliamperes) . ' mA in its cable',
                );
            }
        }
    }

    public function live(array $points): void
    {
        $this->listed($this->entry, $points, true, 'it was live on a walk');
    }

    private function voltage(?string $point, ?Half $half, ?Terminals $terminals, ?Between $between, float $volts): void
    {
        $isLive = $volts >= DeadProof::LIMIT_VOLTS;
        // No volts at a neutral are as it should be, and say nothing of its hot.
        if ($isLive || $between?->isNeutralAlone() !== true) {
            $isLine = $volts >= DeadProof::LINE_VOLTAGE * $this->house->supplyVolts();
            $this->add($this->entry, $point, $isLive, true, round($volts, 1) . ' V', $half, $terminals, $isLine);
        }
    }

    /** The point a place is at: itself, or the one a cable comes from or goes to. */
    private function pointOf(Spot $at): ?string
    {
        $cable = $this->house->findCable($at->cable);

        return $at->point ?? ($at->atFrom ? $cable?->fromPoint() : $cable?->to->point);
    }

    /** @param list<string> $points */
    private function listed(\stdClass $entry, array $points, bool $isLive, string $shown): void
    {
        foreach ($points as $point) {
            $this->add($entry, $point, $isLive, false, $shown);
        }
    }

    private function add(
        \stdClass $entry,
        ?string $point,
        bool $isLive,
        bool $isContact,
        string $shown,
        ?Half $half = null,
        ?Terminals $terminals = null,
        bool $isLine = false,
    ): void {
        if ($point !== null && $this->house->hasPoint($point)) {
            $time = self::text($entry, 'at_time');
            $fact = json_encode($entry, JSON_THROW_ON_ERROR);
            $this->all[] = new Sighting(
                $point,
                $isLive,
                $isContact,
                $shown,
                $fact,
                Moment::seconds($time),
                $time,
                self::text($entry, 'who'),
                $half,
                $terminals,
                $isLine,
            );
        }
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

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\LiveSight;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Actions\SaidOfAction;
use Bouclier\Core\Actions\Tester;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\Terminals;

/** Every fact of a house that says of a point that it was live or dead: readings, observations, tests of the call. */
final class Sightings implements LiveSight
{
    /** From this on a current in a cable says that both its ends are live. */
    private const CLAMP_LIVE_MA = 50.0;

    /** @var list<Sighting> */
    private array $all = [];

    /** What is read just now. */
    private MeterReading|Seen|TestDone $entry;

    private function __construct(private readonly House $house)
    {
    }

    /** @return list<Sighting> in the order of time, those of one moment as they are listed; what has no time comes first */
    public static function in(House $house): array
    {
        $sightings = new self($house);
        array_map($sightings->reading(...), $house->entries->all(MeterReading::class));
        array_map($sightings->observation(...), $house->entries->all(Seen::class));
        array_map($sightings->test(...), $house->entries->all(TestDone::class));
        usort($sightings->all, fn(Sighting $one, Sighting $other): int => ($one->at ?? 0) <=> ($other->at ?? 0));

        return $sightings->all;
    }

    private function reading(MeterReading $read): void
    {
        $this->entry = $read;
        $at = new Spot(point: $read->point);
        if ($read->volts !== null) {
            $this->voltage($read->point, $read->half, $read->terminals, $read->between, $read->volts);
        }
        if ($read->lamps !== null) {
            $lamps = ['hn' => $read->lamps->hn, 'hg' => $read->lamps->hg, 'ng' => $read->lamps->ng];
            (new Tester($at, $read->half))->sees(new Reading($lamps), $this);
        }
        if ($read->glows === true) {
            $this->glow($at);
        }
        if ($read->lit !== null) {
            $this->add($read->point, $read->lit, true, $read->lit ? 'a light lit in it' : 'its light out', isLine: $read->lit);
        }
        if ($read->cable !== null && $read->ma !== null) {
            $this->current($read->cable, $read->ma);
        }
    }

    private function observation(Seen $seen): void
    {
        $this->entry = $seen;
        $pair = $seen->pair ?? '?';
        match ($seen->kind) {
            SeenKind::Pair => $this->pair($seen, $pair),
            SeenKind::Off => $this->listed($seen->livePoints(), true, 'it stayed live'),
            SeenKind::Lift => $this->listed($seen->livePoints(), true, "it was live with pair $pair lifted"),
            SeenKind::Trip => $this->tripped($seen),
            SeenKind::Button, SeenKind::Open => null,
        };
    }

    /** Read with power on. What was marked, or sat somewhere, is no reading. */
    private function pair(Seen $seen, string $pair): void
    {
        $isLive = $seen->live === true;
        match ($seen->by) {
            PairMeans::Meter, PairMeans::Lamp => $isLive
                ? $this->add($seen->point, true, true, "pair $pair read live by {$seen->by->label()}", isLine: true)
                : null,
            PairMeans::NonContact => $isLive ? $this->add($seen->point, true, false, "pair $pair glowed") : null,
            PairMeans::Cap => $this->add($seen->point, true, false, "power was on with pair $pair capped"),
            default => null,
        };
    }

    private function tripped(Seen $seen): void
    {
        $back = $seen->back ?? [];
        $this->listed([...$seen->livePoints(), ...$back], true, 'it was live');
        $this->listed(array_values(array_diff($seen->dead ?? [], $back)), false, 'it went dead at TEST');
    }

    private function test(TestDone $test): void
    {
        $this->entry = $test;
        $said = new SaidOfAction($test->action);
        Kinds::named($said->text('do') ?? '')::of($said)->sees(new Reading($test->reading), $this);
    }

    public function lamps(Spot $at, ?Half $half, bool $hn, ?bool $hg, ?bool $ng): void
    {
        $isLit = $hn || $hg === true || $ng === true;
        $this->add(
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
        $this->add($this->pointOf($at), true, false, 'it glowed');
    }

    public function current(string $cable, float $milliamperes): void
    {
        if ($milliamperes > self::CLAMP_LIVE_MA) {
            foreach ([true, false] as $atFrom) {
                $this->add(
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
        $this->listed($points, true, 'it was live on a walk');
    }

    private function voltage(?string $point, ?Half $half, ?Terminals $terminals, ?Between $between, float $volts): void
    {
        $isLive = $volts >= DeadProof::LIMIT_VOLTS;
        // No volts at a neutral are as it should be, and say nothing of its hot.
        if ($isLive || $between?->isNeutralAlone() !== true) {
            $isLine = $volts >= ProofObjections::LINE_VOLTAGE * $this->house->supplyVolts();
            $this->add($point, $isLive, true, round($volts, 1) . ' V', $half, $terminals, $isLine);
        }
    }

    /** The point a place is at: itself, or the one a cable comes from or goes to. */
    private function pointOf(Spot $at): ?string
    {
        $cable = $this->house->findCable($at->cable);

        return $at->point ?? ($at->atFrom ? $cable?->fromPoint() : $cable?->to->point);
    }

    /** @param list<string> $points */
    private function listed(array $points, bool $isLive, string $shown): void
    {
        foreach ($points as $point) {
            $this->add($point, $isLive, false, $shown);
        }
    }

    private function add(
        ?string $point,
        bool $isLive,
        bool $isContact,
        string $shown,
        ?Half $half = null,
        ?Terminals $terminals = null,
        bool $isLine = false,
    ): void {
        if ($point !== null && $this->house->hasPoint($point)) {
            $fact = json_encode($this->entry, JSON_THROW_ON_ERROR);
            $this->all[] = new Sighting(
                $point,
                $isLive,
                $isContact,
                $shown,
                $fact,
                Moment::seconds($this->entry->atTime),
                $this->entry->atTime,
                $this->entry->who,
                $half,
                $terminals,
                $isLine,
            );
        }
    }
}

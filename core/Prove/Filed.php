<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\Entry;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\LampsRead;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Compared;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/**
 * What was seen in a round, filed: the step with whether it was as it should be, beside it what was measured, and of what was not an open
 * item. One that was open for the same step is closed by a later one that passes.
 */
final readonly class Filed
{
    /** Where an open item of a round comes from. */
    public const SOURCE = 'test round';

    private function __construct(private House $house, private ToSee $step, private Answered $answered)
    {
    }

    /**
     * @param string $who by name
     * @param string $now ISO 8601
     */
    public static function in(House $house, ToSee $step, Answered $answered, string $who, string $now): House
    {
        $filed = new self($house, $step, $answered);
        $isRight = $filed->isRight();
        $entries = [
            new RoundAnswer(
                $step->step,
                $isRight,
                circuit: $filed->circuit(),
                point: $filed->point(),
                half: $step->half,
                text: $answered->text,
            ),
            ...$filed->measured(),
            ...($isRight ? [] : [$filed->item()]),
        ];
        $after = $house->withEntry(...array_map(fn(Entry $entry): Entry => $entry->stamped($who, $now), $entries));

        return $isRight ? $filed->closed($after, $who, $now) : $after;
    }

    /** As it was said, and where something was measured as that says. */
    private function isRight(): bool
    {
        $said = $this->answered;
        $isVoltsRight = $said->volts === null || $this->step->volts === null
            || Compared::volts(Between::HotNeutral->value, $said->volts, $this->step->volts, $this->house->supplyVolts())->means === null;
        $share = $said->ms === null ? null : TripTime::share($said->ms, Tripping::buttonMa($this->house->supplyVolts()));

        return match ($this->step->step) {
            RoundStep::Lamps => $isVoltsRight && ($said->lamps === null || $this->step->lamps === null
                ? $said->asExpected
                : $this->step->lamps->equals($said->lamps)),
            RoundStep::Test => $said->asExpected && $said->tripped && $said->stayedLive === [],
            RoundStep::Button => $said->asExpected && $said->tripped && ($share === null || $share <= 1.0),
            default => $said->asExpected,
        };
    }

    /** @return list<Entry> */
    private function measured(): array
    {
        $said = $this->answered;
        $at = ['circuit' => $this->circuit(), 'point' => $this->point()];
        $test = fn(TestButton $by, bool $tripped, ?bool $held = null, ?float $ms = null): DeviceTest => new DeviceTest(
            ...$at,
            by: $by,
            tripped: $tripped,
            resetHeld: $held,
            tripMs: $ms,
        );

        return match ($this->step->step) {
            RoundStep::Lamps => $said->lamps === null && $said->volts === null ? [] : [new MeterReading(
                point: $this->point(),
                half: $this->step->half,
                between: $said->volts === null || $said->lamps !== null ? null : Between::HotNeutral,
                volts: $said->volts,
                instrument: $said->instrument,
                lamps: $said->lamps === null ? null : new LampsRead($said->lamps->hn, $said->lamps->hg, $said->lamps->ng),
            )],
            RoundStep::Test => [$test(TestButton::Own, $said->tripped), ...$this->wentDead()],
            RoundStep::Back => [$test(TestButton::Own, true, $said->asExpected)],
            RoundStep::Button => [$test(TestButton::Tester, $said->tripped, null, $said->ms)],
            default => [],
        };
    }

    /** @return list<Seen> what went dead with the TEST, for the trace: only where each was said to be looked at */
    private function wentDead(): array
    {
        if (! $this->answered->tripped) {
            return [];
        }
        $ids = array_map(fn(Point $point): string => $point->id, $this->step->dead);
        $alive = array_map(fn(Point $point): string => $point->id, $this->step->alive);
        $dead = array_values(array_diff($ids, $this->answered->stayedLive));

        return [new Seen(
            SeenKind::Trip,
            at: $this->step->at->id,
            dead: $dead,
            live: [...array_values(array_intersect($ids, $this->answered->stayedLive)), ...($this->answered->asExpected ? $alive : [])],
        )];
    }

    private function item(): OpenItem
    {
        $said = $this->answered->text;

        return new OpenItem(
            $this->title() . ($said === null ? '' : ": $said"),
            circuit: $this->circuit(),
            point: $this->point(),
            source: self::SOURCE,
            interim: $this->answered->interim,
            due: $this->answered->due,
        );
    }

    /** As an open item of this step begins. */
    private function title(): string
    {
        $half = $this->step->half === null ? '' : ", {$this->step->half->value} half";

        return "{$this->step->step->label()} not as it should be$half";
    }

    private function closed(House $house, string $who, string $now): House
    {
        $items = array_map(
            fn(OpenItem $item): OpenItem => $item->isOpen() && $item->source === self::SOURCE && $item->point === $this->point()
                && $item->circuit === $this->circuit() && str_starts_with($item->text, $this->title())
                    ? $item->closed('seen as it should be, in a later round', $who, $now)
                    : $item,
            $house->entries->all(OpenItem::class),
        );

        return $house->with(entries: $house->entries->with(EntryList::OpenItems, $items));
    }

    private function point(): ?string
    {
        return $this->step->at instanceof Point ? $this->step->at->id : null;
    }

    private function circuit(): ?string
    {
        return $this->step->at instanceof Circuit ? $this->step->at->id : null;
    }
}

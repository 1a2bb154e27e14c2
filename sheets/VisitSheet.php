<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Practice\Dangers\Danger;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Done;
use Bouclier\Core\Practice\Offers;
use Bouclier\Core\Practice\Visit;

/**
 * A practice house as whoever works in it sees it: the call, what is known of the house, the clock, what was done and read, and what can be
 * done at each place. What is hidden is not in it, and no run that nobody has traced.
 *
 * @phpstan-type DeedOffered array{
 *     deed: array<string, mixed>,
 *     title: string,
 *     minutes: float,
 *     // Days it is left with who lives there.
 *     days: int,
 * }
 * @phpstan-type DangerShown array{
 *     title: string,
 *     wouldHave: string,
 *     why: string,
 *     instead: string,
 * }
 * @phpstan-type VisitStep array{
 *     done: string,
 *     read: string,
 *     minutes: float,
 *     // Minutes into the visit.
 *     at: float,
 *     danger: DangerShown|null,
 * }
 * @phpstan-type VisitOutlet array{
 *     id: string,
 *     code: string,
 *     name: string,
 *     device: string,
 *     box: value-of<BoxState>,
 *     boxLabel: string|null,
 *     offers: list<DeedOffered>,
 *     inBox: list<DeedOffered>,
 *     pairs: list<array{name: string, offers: list<DeedOffered>}>,
 * }
 * @phpstan-type VisitShown array{
 *     case: string,
 *     title: string,
 *     words: string,
 *     minutes: float,
 *     open: list<string>,
 *     // Null where nobody has traced it.
 *     runs: list<array{circuit: string, outlets: list<array{id: string, code: string, depth: int}>}>|null,
 *     rooms: list<array{code: string, name: string, outlets: list<VisitOutlet>}>,
 *     circuits: list<array{id: string, name: string, isOff: bool, offers: list<DeedOffered>}>,
 *     things: list<array{id: string, name: string, at: string|null, isOn: bool, offers: list<DeedOffered>}>,
 *     inHouse: list<DeedOffered>,
 *     steps: list<VisitStep>,
 * }
 */
final readonly class VisitSheet
{
    private Offers $offers;

    private function __construct(private Visit $visit)
    {
        $this->offers = new Offers($visit);
    }

    /** @return VisitShown */
    public static function of(Visit $visit): array
    {
        return (new self($visit))->shown();
    }

    /** @return DangerShown|null */
    public static function danger(?Danger $danger): ?array
    {
        return $danger === null ? null : [
            'title' => $danger->title, 'wouldHave' => $danger->wouldHave, 'why' => $danger->why, 'instead' => $danger->instead,
        ];
    }

    /** @return VisitShown */
    private function shown(): array
    {
        $house = $this->visit->case->house;
        $now = $this->visit->simulation->condition;

        return [
            'case' => $this->visit->case->name,
            'title' => $this->visit->case->title,
            'words' => $house->call->symptom->words ?? '',
            'minutes' => $this->visit->minutes(),
            'open' => array_map(fn(string $point): string => $house->point($point)->code, $this->visit->opened()),
            'runs' => $this->visit->isTraced() ? array_map($this->run(...), $house->circuits) : null,
            'rooms' => array_map(fn($area): array => [
                'code' => $area->code,
                'name' => $area->name,
                'outlets' => array_map($this->outlet(...), array_values(array_filter(
                    $house->points,
                    fn(Point $point): bool => $point->area === $area->id,
                ))),
            ], $house->areas),
            'circuits' => array_map(fn(Circuit $circuit): array => [
                'id' => $circuit->id,
                'name' => ucfirst($this->visit->places->circuit($circuit->id)) . ", {$circuit->breaker()->label()}",
                'isOff' => $now->off[$circuit->id] ?? false,
                'offers' => $this->offered($this->offers->at(new Spot(circuit: $circuit->id))),
            ], $house->circuits),
            'things' => array_map(fn($thing): array => [
                'id' => $thing->id,
                'name' => $thing->name,
                'at' => ($at = $now->plugged[$thing->id] ?? null) === null ? null : $house->point($at)->code,
                'isOn' => $now->running[$thing->id] ?? false,
                'offers' => $this->offered($this->offers->at(new Spot(appliance: $thing->id))),
            ], $house->appliances),
            'inHouse' => $this->offered($this->offers->inHouse()),
            'steps' => array_map(fn(Done $step): array => [
                'done' => $step->deed->done($this->visit->places),
                'read' => $step->read,
                'minutes' => $step->minutes,
                'at' => $step->at,
                'danger' => self::danger($step->danger),
            ], $this->visit->steps()),
        ];
    }

    /** @return VisitOutlet */
    private function outlet(Point $point): array
    {
        $state = $this->visit->boxAt($point->id);

        return [
            'id' => $point->id,
            'code' => $point->code,
            'name' => $point->name,
            'device' => $point->isReceptacle() ? $point->device->label() : $point->kind->label(),
            'box' => $state->value,
            'boxLabel' => $state->isOpen() ? $state->label() : null,
            'offers' => $this->offered($this->offers->atOutlet($point->id)),
            'inBox' => $this->offered($this->offers->inBox($point->id)),
            'pairs' => $state->isOpen() ? array_map(fn($cable, int $number): array => [
                'name' => $this->visit->isTraced() ? ucfirst($this->visit->places->cable($cable->id)) : 'Pair ' . ($number + 1),
                'offers' => $this->offered($this->offers->atPair($point->id, $cable->id)),
            ], $cables = $this->visit->cablesIn($point->id), array_keys($cables)) : [],
        ];
    }

    /** @return array{circuit: string, outlets: list<array{id: string, code: string, depth: int}>} in the order they are fed */
    private function run(Circuit $circuit): array
    {
        $outlets = [];
        foreach ($this->visit->feeds->pointsOn($circuit) as $point) {
            $depth = 0;
            for ($above = $point; $above !== null; $above = $this->visit->feeds->feed($above)->upstream) {
                ++$depth;
            }
            $outlets[] = ['id' => $point->id, 'code' => $point->code, 'depth' => $depth];
        }

        return ['circuit' => ucfirst($this->visit->places->circuit($circuit->id)), 'outlets' => $outlets];
    }

    /**
     * @param list<Deed> $deeds
     *
     * @return list<DeedOffered>
     */
    private function offered(array $deeds): array
    {
        return array_map(fn(Deed $deed): array => [
            'deed' => $deed->said(),
            'title' => $deed->done($this->visit->places),
            'minutes' => $deed->minutes($this->visit),
            'days' => $deed->action()?->days() ?? 0,
        ], $deeds);
    }
}

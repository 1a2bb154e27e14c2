<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Nec\Section210_8F\HvacDeferral;
use Bouclier\Core\CodeBook\Nec\Section406_12\TamperResistant;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Grade;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** Facts about an outlet, each otherwise than it is recorded, as the house would then be: only what can be true of that outlet. */
final readonly class OtherFacts
{
    /** Beyond any limit, local ones included; and within all of them. */
    private const OUT_OF_REACH_FT = 1000.0;

    private const WITHIN_REACH_FT = 1.0;

    /** Heights above the floor a child does not reach, and does. */
    private const HIGH_FT = 9.0;

    private const LOW_FT = 1.5;

    /** What an authority or a second look may find a room to be. */
    private const OTHER_KINDS = [
        'foyer' => [AreaKind::Hallway, AreaKind::Similar],
        'utility' => [AreaKind::Laundry, AreaKind::Similar],
        'food_prep' => [AreaKind::Kitchen, AreaKind::Similar],
        'closet' => [AreaKind::Laundry],
        'basement' => [AreaKind::Recreation],
        'similar' => [AreaKind::Utility],
        'dining' => [AreaKind::Kitchen],
        'accessory_building' => [AreaKind::Garage],
        'sunroom' => [AreaKind::Outdoors],
    ];

    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Protection $protection,
    ) {
    }

    /** @return iterable<array{string, House}> in words, and the house with it */
    public function of(Point $point, Verdict $verdict): iterable
    {
        yield from $this->distances($point);
        yield from $this->uses($point);
        if ($this->protection === Protection::Tr) {
            yield from $this->height($point);
        }
        yield from $this->room($this->house->areaOf($point));
        yield from $this->permit($point);
        yield from $this->work($point);
        if ($verdict === Verdict::Met) {
            yield from $this->without($point);
        }
    }

    /** @return iterable<array{string, House}> */
    private function distances(Point $point): iterable
    {
        if (! $point->isReceptacle() || $this->protection !== Protection::Gfci) {
            return;
        }
        foreach ($point->distances() as $i => $distance) {
            $water = mb_strtolower($this->house->fixture($distance->fixture)->kind->label());
            yield [
                "If the cord path to the $water were longer than the limit.",
                $this->remeasured($point, $i, $distance->with(ft: self::OUT_OF_REACH_FT)),
            ];
            yield $distance->crosses() === Crosses::Barrier
                ? ["If nothing stood in the path to the $water.", $this->remeasured($point, $i, $distance->with(crosses: Crosses::None))]
                : [
                    "If a wall or fixed barrier stood in the path to the $water.",
                    $this->remeasured($point, $i, $distance->with(crosses: Crosses::Barrier)),
                ];
        }
        $measured = array_column($point->distances(), 'fixture');
        foreach ($this->house->areaOf($point)->fixtures() as $fixture) {
            if (! in_array($fixture->id, $measured, true)) {
                yield [
                    'If the ' . mb_strtolower($fixture->kind->label()) . ' were within reach: nobody has measured.',
                    $this->house->withPoint($point->with(
                        distances: [...$point->distances(), new Distance($fixture->id, self::WITHIN_REACH_FT)],
                    )),
                ];
            }
        }
    }

    private function remeasured(Point $point, int $index, Distance $distance): House
    {
        $distances = $point->distances();
        $distances[$index] = $distance;

        return $this->house->withPoint($point->with(distances: array_values($distances)));
    }

    /** @return iterable<array{string, House}> */
    private function uses(Point $point): iterable
    {
        $hasCounter = in_array($this->house->areaOf($point)->kind, [AreaKind::Kitchen, AreaKind::Bathroom], true);
        if (! $point->takesUsualPlugs()) {
            return;
        }
        if ($point->serves() === Serves::Countertop) {
            yield ['If it did not serve the countertop.', $this->house->withPoint($point->with(serves: Serves::General))];
        } elseif ($hasCounter && $point->serves() === Serves::General) {
            yield ['If it served the countertop.', $this->house->withPoint($point->with(serves: Serves::Countertop))];
        } elseif ($point->serves() !== Serves::General) {
            yield ['If it were for general use.', $this->house->withPoint($point->with(serves: Serves::General))];
        }
        if ($this->protection === Protection::Tr && $point->serves() === Serves::General) {
            yield [
                'If it were in the space of an appliance that is not easily moved.',
                $this->house->withPoint($point->with(serves: Serves::Refrigerator)),
            ];
        }
    }

    /** @return iterable<array{string, House}> */
    private function height(Point $point): iterable
    {
        if ($point->isReceptacle()) {
            $low = $point->heightFt() <= TamperResistant::OUT_OF_REACH_FT;
            yield [
                $low ? 'If it were out of the reach of a child.' : 'If it were within the reach of a child.',
                $this->house->withPoint($point->with(heightFt: $low ? self::HIGH_FT : self::LOW_FT)),
            ];
        }
    }

    /** @return iterable<array{string, House}> */
    private function room(Area $area): iterable
    {
        foreach ($this->grades($area) as $grade) {
            yield [
                "If {$area->code} were " . mb_strtolower($grade->label()) . '.',
                $this->withArea($area->with(grade: $grade)),
            ];
        }
        if (in_array($area->kind, [AreaKind::Basement, AreaKind::AccessoryBuilding], true)) {
            yield [
                $area->finished() ? "If {$area->code} were not finished." : "If {$area->code} were finished.",
                $this->withArea($area->with(finished: ! $area->finished())),
            ];
        }
        foreach (self::OTHER_KINDS[$area->kind->value] ?? [] as $kind) {
            yield [
                $kind === AreaKind::Similar
                    ? "If the authority sees {$area->code} as similar to the rooms on the list."
                    : "If {$area->code} were seen as one of the {$kind->plural()}.",
                $this->withArea($area->with(kind: $kind)),
            ];
        }
    }

    /** @return list<Grade> those it may have beside its own */
    private function grades(Area $area): array
    {
        $may = match ($area->kind) {
            AreaKind::Outdoors, AreaKind::Attic, AreaKind::Basement, AreaKind::Boathouse => [],
            AreaKind::CrawlSpace, AreaKind::AccessoryBuilding, AreaKind::Garage => [Grade::Above, Grade::At],
            default => [Grade::At, Grade::Below],
        };

        return array_values(array_filter($may, fn(Grade $grade): bool => $grade !== $area->grade()));
    }

    private function withArea(Area $area): House
    {
        return $this->house->with(areas: array_map(
            fn(Area $one): Area => $one->id === $area->id ? $area : $one,
            $this->house->areas,
        ));
    }

    /** @return iterable<array{string, House}> */
    private function permit(Point $point): iterable
    {
        $ends = HvacDeferral::endsIn($this->house->code->edition);
        if ($ends === null || $point->kind !== PointKind::Hardwired || $this->protection !== Protection::Gfci) {
            return;
        }
        $isDeferred = $this->house->permitDate !== null && $this->house->permitDate < $ends;
        yield $isDeferred
            ? ["If the permit were dated $ends or later.", $this->house->with(permitDate: $ends)]
            : ["If the permit were dated before $ends.", $this->house->with(permitDate: HvacDeferral::dayBefore($ends))];
    }

    /** @return iterable<array{string, House}> */
    private function work(Point $point): iterable
    {
        $now = (new Context($this->house, $this->feeds, $this->house->code->edition))->site($point)->work;
        foreach (Work::cases() as $work) {
            if ($work !== $now) {
                yield [match ($work) {
                    Work::New => 'If it were new wiring.',
                    Work::Extend => 'If it were part of an extension.',
                    Work::Replace => $point->isReceptacle() ? 'If the receptacle were replaced.' : 'If it were replaced.',
                    Work::Existing => 'If nothing were touched.',
                }, $this->house->withPoint($point->with(work: $work))];
            }
        }
    }

    /** @return iterable<array{string, House}> what protects it, taken away */
    private function without(Point $point): iterable
    {
        $guard = $this->protection->isGivenByDevices() ? $this->feeds->guards($point, $this->protection)[0] ?? null : null;
        if ($guard?->by instanceof Circuit) {
            yield [
                "If {$guard->spoken()} were a standard one.",
                $this->house->withCircuit($guard->by->with(breaker: BreakerType::Standard)),
            ];
        } elseif ($guard !== null && $guard->id() === $point->id && $point->isReceptacle()) {
            yield ['If its device were a plain one.', $this->house->withPoint($point->with(device: Device::Standard))];
        }
    }
}

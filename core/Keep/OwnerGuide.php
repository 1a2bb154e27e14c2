<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\SwitchesOff;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WalkThrough;

/**
 * For who lives there: why is it dead, what do I press. From a dead outlet to the device that switched it off, where that is and how its
 * kind is reset. It never asks to open anything.
 */
final readonly class OwnerGuide
{
    private FeedMap $feeds;

    /** @var array<list<string>> what may have switched it off, by point id */
    private array $why;

    public function __construct(private House $house)
    {
        $this->feeds = new FeedMap($house);
        $why = [];
        foreach ($house->points as $point) {
            $circuit = $this->feeds->feed($point)->circuit;
            $ids = [...SwitchesOff::of($this->feeds, $point), ...($circuit === null ? [] : [$circuit->id])];
            $why[$point->id] = array_values(array_unique($ids));
        }
        $this->why = $why;
    }

    /** @return list<Point> what may be found dead, in walking order */
    public function outlets(): array
    {
        return WalkThrough::of(
            $this->house,
            fn(Point $point): bool => $point->isReceptacle() || $this->feeds->feed($point)->origins !== [],
        );
    }

    /** @return list<string> what may have switched it off, by id, in the order it is looked at: nearest first, its plain breaker last */
    public function whyDead(Point $point): array
    {
        return $this->why[$point->id];
    }

    public function device(string $id): Point|Circuit
    {
        return $this->house->hasPoint($id) ? $this->house->point($id) : $this->house->circuit($id);
    }

    /** Where it is looked for. */
    public function where(Point|Circuit $device): string
    {
        return $device instanceof Point
            ? "{$this->house->areaOf($device)->name}, {$device->name}: the one with two small buttons, marked {$device->code}."
            : "{$this->house->panel($device->panel)->name}, number {$device->slot}, marked {$device->label}.";
    }

    /** How it is reset: once, and firmly. */
    public function reset(Point|Circuit $device): string
    {
        return ucfirst($device instanceof Point ? Manners::reset($device) : 'push its handle fully to off, then to on, once') . '.';
    }

    /** @return list<string> what hangs on it and is unplugged first, by name and place */
    public function unplugFirst(Point|Circuit $device): array
    {
        $on = [];
        foreach ($this->beyond($device) as $point) {
            $on[$point->id] = $point;
        }
        $plugged = array_filter($this->house->appliances, fn(Appliance $one): bool => $one->at !== null && isset($on[$one->at]));

        return array_values(array_map(
            fn(Appliance $one): string => "{$one->name} ({$this->house->areaOf($on[(string) $one->at])->name})",
            $plugged,
        ));
    }

    /** @return list<Point> what goes dead with it, itself among it, in walking order */
    public function beyond(Point|Circuit $device): array
    {
        return WalkThrough::of(
            $this->house,
            fn(Point $point): bool => $point->id === $device->id || in_array($device->id, $this->why[$point->id], true),
        );
    }

    /** The last photograph that is noted to show where it is, by the name it is kept under: one of an opened box is nobody's to follow. */
    public function photo(Point|Circuit $device): ?string
    {
        $photos = array_filter(
            $this->house->entries->all(Photo::class),
            fn(Photo $photo): bool => ($photo->point ?? $photo->circuit) === $device->id
                && str_starts_with(mb_strtolower($photo->text ?? ''), 'where'),
        );

        return array_slice($photos, -1)[0]->file ?? null;
    }
}

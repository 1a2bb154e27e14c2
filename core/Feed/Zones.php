<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;

/** The protected stretches of a house: which outlets go dark together when what protects them trips; GFCI if nothing else is said. */
final class Zones
{
    /** @var array<list<Point>> outlets, by the id of the device or circuit that protects them */
    private array $outlets = [];

    public function __construct(FeedMap $feeds, Protection $function = Protection::Gfci)
    {
        foreach ($feeds->house->points as $point) {
            if (in_array($point->kind, [PointKind::Switch, PointKind::Junction], true)) {
                continue;
            }
            foreach ($feeds->guards($point, $function) as $guard) {
                $this->outlets[$guard->id()][] = $point;
            }
        }
    }

    /** @return list<Point> outlets that the guard protects, in the order of the file */
    public function of(Guard $guard): array
    {
        return $this->outlets[$guard->id()] ?? [];
    }

    /** @return list<Point> outlets, other than the point, that go dark with it when the guard trips */
    public function others(Guard $guard, Point $point): array
    {
        return array_values(array_filter($this->of($guard), fn(Point $other): bool => $other->id !== $point->id));
    }
}

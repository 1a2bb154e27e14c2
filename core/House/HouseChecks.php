<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a schema cannot see: ids used twice or not there, points fed twice, cables that run in a loop. */
final class HouseChecks
{
    /** Boxes on the way from a breaker: more is no house, and devices inside devices would be without end. */
    private const MOST_IN_A_ROW = 250;

    /** @var list<FileFault> */
    private array $faults = [];

    /** @return list<FileFault> empty when the house holds together */
    public static function faultsIn(House $house): array
    {
        $checks = new self();
        $areas = $checks->unique('/areas', 'area', $house->areas);
        $panels = $checks->unique('/panels', 'panel', $house->panels);
        $circuits = $checks->unique('/circuits', 'circuit', $house->circuits);
        $points = $checks->unique('/points', 'point', $house->points, $circuits);
        $checks->unique('/cables', 'cable', $house->cables);
        $checks->unique('/appliances', 'appliance', $house->appliances);
        $fixtures = $checks->fixtures($house->areas);

        // A panel's area is not checked: it may hang in a place that nobody has surveyed.
        foreach ($house->panels as $i => $panel) {
            $checks->known("/panels/$i/fed_from", 'circuit', $panel->fedFrom, $circuits);
        }
        foreach ($house->circuits as $i => $circuit) {
            $checks->known("/circuits/$i/panel", 'panel', $circuit->panel, $panels);
            $checks->known("/circuits/$i/multiwire_with", 'circuit', $circuit->multiwireWith, $circuits);
        }
        foreach ($house->points as $i => $point) {
            $checks->known("/points/$i/area", 'area', $point->area, $areas);
            $checks->known("/points/$i/circuit", 'circuit', $point->circuit, $circuits);
            $checks->known("/points/$i/yoke_with", 'point', $point->yokeWith, $points);
            foreach ($point->distances() as $j => $distance) {
                $checks->known("/points/$i/distances/$j/fixture", 'fixture', $distance->fixture, $fixtures);
            }
        }
        foreach ($house->appliances as $i => $appliance) {
            $checks->known("/appliances/$i/at", 'point', $appliance->at, $points);
        }
        $checks->cables($house->cables, $points, $circuits);
        $checks->panelLoops($house);

        return $checks->faults;
    }

    /**
     * @param list<Area|Panel|Circuit|Point|Cable|Appliance> $things
     * @param array<string> $taken pointers of ids that share the space
     *
     * @return array<string> pointer by id
     */
    private function unique(string $pointer, string $what, array $things, array $taken = []): array
    {
        $seen = [];
        foreach ($things as $i => $thing) {
            $first = $seen[$thing->id] ?? $taken[$thing->id] ?? null;
            if ($first !== null) {
                $this->faults[] = new FileFault("$pointer/$i/id", "the $what id \"{$thing->id}\" is already used at $first");
                continue;
            }
            $seen[$thing->id] = "$pointer/$i";
        }

        return $seen;
    }

    /**
     * @param list<Area> $areas
     *
     * @return array<string>
     */
    private function fixtures(array $areas): array
    {
        $seen = [];
        foreach ($areas as $i => $area) {
            foreach ($area->fixtures() as $j => $fixture) {
                if (isset($seen[$fixture->id])) {
                    $this->faults[] = new FileFault(
                        "/areas/$i/fixtures/$j/id",
                        "the fixture id \"{$fixture->id}\" is already used at {$seen[$fixture->id]}",
                    );
                    continue;
                }
                $seen[$fixture->id] = "/areas/$i/fixtures/$j";
            }
        }

        return $seen;
    }

    /** @param array<string> $known */
    private function known(string $pointer, string $what, ?string $id, array $known): bool
    {
        if ($id === null || isset($known[$id])) {
            return true;
        }
        $this->faults[] = new FileFault($pointer, "there is no $what \"$id\" in this house");

        return false;
    }

    /**
     * @param list<Cable> $cables
     * @param array<string> $points
     * @param array<string> $circuits
     */
    private function cables(array $cables, array $points, array $circuits): void
    {
        $feeds = [];
        foreach ($cables as $i => $cable) {
            if ($cable->from instanceof CableOrigin) {
                $many = count($cable->from->circuits) > 1;
                foreach ($cable->from->circuits as $j => $circuit) {
                    $this->known("/cables/$i/from/" . ($many ? "circuits/$j" : 'circuit'), 'circuit', $circuit, $circuits);
                }
            } else {
                $this->known("/cables/$i/from/point", 'point', $cable->from->point, $points);
            }
            if (! $this->known("/cables/$i/to/point", 'point', $cable->to->point, $points)) {
                continue;
            }
            $other = $feeds[$cable->to->point] ?? null;
            if ($other !== null) {
                $this->faults[] = new FileFault(
                    "/cables/$i/to/point",
                    "the point \"{$cable->to->point}\" is fed twice: by cable \"{$cable->id}\" and by cable \"{$cables[$other]->id}\" "
                        . "(/cables/$other)",
                );
                continue;
            }
            $feeds[$cable->to->point] = $i;
        }
        $this->cableLoops($cables, $feeds);
    }

    /**
     * @param list<Cable> $cables
     * @param array<int> $feeds index of the cable that feeds a point, by point id
     */
    private function cableLoops(array $cables, array $feeds): void
    {
        $clear = [];
        foreach ($cables as $i => $cable) {
            $path = [];
            $at = $cable->to->point;
            while (! isset($clear[$at])) {
                if (isset($path[$at])) {
                    $ids = array_map(strval(...), array_keys($path));
                    $loop = array_slice($ids, (int) array_search($at, $ids, true));
                    $this->faults[] = new FileFault("/cables/{$path[$at]}", 'cables run in a loop: ' . implode(' from ', [...$loop, $at]));
                    break;
                }
                $feed = $feeds[$at] ?? null;
                $from = $feed === null ? null : $cables[$feed]->fromPoint();
                $path[$at] = $feed ?? $i;
                if ($from === null) {
                    break;
                }
                $at = $from;
            }
            // How many boxes down the run each is, counted from where it was known before.
            $deep = $clear[$at] ?? 0;
            foreach (array_reverse($path, true) as $point => $feed) {
                $clear[$point] ??= ++$deep;
                if ($clear[$point] === self::MOST_IN_A_ROW + 1) {
                    $this->faults[] = new FileFault("/cables/$feed", 'a run has more than ' . self::MOST_IN_A_ROW . ' boxes in a row');
                }
            }
        }
    }

    private function panelLoops(House $house): void
    {
        $panelOf = array_column($house->circuits, 'panel', 'id');
        $fedFrom = array_column($house->panels, 'fedFrom', 'id');
        foreach ($house->panels as $i => $panel) {
            $at = $panel->id;
            for ($steps = 0; $at !== null && $steps <= count($house->panels); ++$steps) {
                $at = isset($fedFrom[$at]) ? ($panelOf[$fedFrom[$at]] ?? null) : null;
                if ($at === $panel->id) {
                    $this->faults[] = new FileFault("/panels/$i/fed_from", "the panel \"{$panel->id}\" feeds itself");
                    break;
                }
            }
        }
    }
}

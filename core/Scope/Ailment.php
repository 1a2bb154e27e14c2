<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** A finding where it was found, in the house it was found in. */
final readonly class Ailment
{
    private function __construct(
        public Finding $finding,
        public ?Point $point,
        public House $house,
        public FeedMap $feeds,
    ) {
    }

    /** @return array<self> every finding of an assessment, by its key */
    public static function allIn(Assessment $assessment, House $house, FeedMap $feeds): array
    {
        $all = [];
        foreach ($assessment->points as $judged) {
            foreach ($judged->findings as $finding) {
                $one = new self($finding, $judged->point, $house, $feeds);
                $all[$one->key()] = $one;
            }
        }
        foreach ($assessment->findings as $finding) {
            $one = new self($finding, null, $house, $feeds);
            $all[$one->key()] = $one;
        }

        return $all;
    }

    /** The same finding at the same place, in whatever state of the house. */
    public function key(): string
    {
        return implode(' ', [$this->finding->id, $this->point->id ?? '', $this->finding->circuit ?? '', $this->finding->area ?? '']);
    }

    /** @return list<Point> where it is, or which it names */
    public function points(): array
    {
        return $this->point !== null ? [$this->point] : array_map($this->house->point(...), $this->finding->points);
    }

    public function circuit(): ?Circuit
    {
        return match (true) {
            $this->finding->circuit !== null => $this->house->circuit($this->finding->circuit),
            $this->point !== null => $this->feeds->feed($this->point)->circuit,
            default => null,
        };
    }

    /** @return list<string> ids of the points it concerns: those named, else those on its circuit */
    public function concerns(): array
    {
        $points = $this->points();
        $circuit = $this->circuit();

        return array_map(
            fn(Point $point): string => $point->id,
            $points === [] && $circuit !== null ? $this->feeds->pointsOn($circuit) : $points,
        );
    }
}

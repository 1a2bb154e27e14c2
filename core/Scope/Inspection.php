<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/** A house judged by its edition, to be held against another state of the same house: what it wants, and what is found in it. */
final readonly class Inspection
{
    public FeedMap $feeds;

    /** @var array<Ailment> by key */
    public array $ailments;

    /** @var array<PointAssessment> by point id */
    private array $points;

    public function __construct(public House $house)
    {
        $this->feeds = new FeedMap($house);
        $assessment = (new Assess($house, feeds: $this->feeds))->house();
        $this->ailments = Ailment::allIn($assessment, $house, $this->feeds);
        $this->points = array_combine(
            array_map(fn(PointAssessment $judged): string => $judged->point->id, $assessment->points),
            $assessment->points,
        );
    }

    /** @return list<PointAssessment> outlets that want protection they do not have */
    public function wanting(): array
    {
        return array_values(array_filter($this->points, fn(PointAssessment $judged): bool => $judged->gaps() !== []));
    }

    /** @return array<Ailment> by key, of a later state what was not there, or is worse than it was */
    public function brought(self $later): array
    {
        return array_filter(
            $later->ailments,
            fn(Ailment $one, int|string $key): bool => ! isset($this->ailments[$key])
                || $one->finding->severity->weight() > $this->ailments[$key]->finding->severity->weight(),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<Ailment> by key, what is found no more in a later state */
    public function ended(self $later): array
    {
        return array_diff_key($this->ailments, $later->ailments);
    }

    /** @return list<array{PointAssessment, Protection}> what an outlet wants and does not have in a later state, and not so before */
    public function bared(self $later): array
    {
        $bared = [];
        foreach ($later->points as $id => $judged) {
            $before = isset($this->points[$id]) ? $this->points[$id]->gaps() : [];
            foreach ($judged->gaps() as $protection) {
                if (! in_array($protection, $before, true)) {
                    $bared[] = [$judged, $protection];
                }
            }
        }

        return $bared;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** A house as it is once a plan, or what a plan does in some of its boxes and at some of its breakers, is carried out. */
final readonly class Applied
{
    private Assess $assess;

    public function __construct(private House $house, private Plan $plan, ?FeedMap $feeds = null)
    {
        $this->assess = new Assess($house, feeds: $feeds);
    }

    /** With all of it. */
    public function house(): House
    {
        return $this->house->with(
            circuits: array_map($this->circuit(...), $this->house->circuits),
            points: array_map($this->point(...), $this->house->points),
            cables: array_map($this->cable(...), $this->house->cables),
        );
    }

    public function circuit(Circuit $circuit): Circuit
    {
        foreach ($this->plan->choices as $choice) {
            if ($choice->isChanged($circuit)) {
                return $circuit->withNewBreaker($choice->types[$circuit->id]);
            }
        }

        return $circuit;
    }

    public function point(Point $point): Point
    {
        foreach ($this->plan->picks as $pick) {
            if ($pick->stop->point->id === $point->id && $pick->isSwapped()) {
                return $point->withNewDevice($pick->device)->with(
                    // What the code asks of a new receptacle there it is.
                    tr: $this->isBuilt($point, Protection::Tr) ? true : $point->tr,
                    wr: $this->isBuilt($point, Protection::Wr) ? true : $point->wr,
                );
            }
        }

        return $point;
    }

    public function cable(Cable $cable): Cable
    {
        foreach ($this->plan->picks as $pick) {
            if (! $pick->device->feedsThrough() || ! $this->plan->strategy->opensBoxes()) {
                continue;
            }
            if ($cable->to->point === $pick->stop->point->id && ! $cable->landingAtEnd()->isLineSide() && $cable->isConnected()) {
                $cable = $cable->with(to: $cable->to->with(land: Landing::both(Land::Line)));
            }
            $onLoad = $this->plan->onLoad[$cable->id] ?? null;
            if ($onLoad !== null && $cable->from instanceof CableEnd && $cable->from->point === $pick->stop->point->id) {
                $is = $cable->from->land();
                if ($onLoad ? ! $is->isLoad() : ! $is->isLineSide()) {
                    $cable = $cable->with(from: $cable->from->with(land: Landing::both($onLoad ? Land::Load : Land::Line)));
                }
            }
        }

        return $cable;
    }

    private function isBuilt(Point $point, Protection $asked): bool
    {
        return $this->assess->bare($point, $asked)->demandsFor($asked) !== [];
    }
}

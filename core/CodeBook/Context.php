<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Work;
use Bouclier\Core\Network\Expected;

/** A house under one edition, with what is worked out once for all its outlets. */
final class Context
{
    /** @var array<string, mixed> */
    private array $known = [];

    /** @param Work|null $as in place of the house's kind of work; a point's own still stands */
    public function __construct(
        public readonly House $house,
        public readonly FeedMap $feeds,
        public readonly Edition $edition,
        public readonly ?Work $as = null,
    ) {
    }

    public function site(Point $point): Site
    {
        return new Site($this, $point, $this->workAt($point));
    }

    /** Whether an extension is marked by cables: then only what they feed is bound, and what was there before is judged as existing. */
    public function marksExtension(): bool
    {
        return $this->once(
            'marks extension',
            fn(): bool => array_filter($this->house->cables, fn(Cable $cable): bool => $cable->added === true) !== [],
        );
    }

    private function workAt(Point $point): Work
    {
        $work = $point->work ?? $this->as ?? $this->house->work;

        return $point->work === null && $work === Work::Extend && $this->marksExtension() && ! $this->isAdded($point)
            ? Work::Existing
            : $work;
    }

    private function isAdded(Point $point): bool
    {
        return $this->once("added {$point->id}", function () use ($point): bool {
            $feed = $this->feeds->feed($point);

            return $feed->cable?->added === true || ($feed->upstream !== null && $this->isAdded($feed->upstream));
        });
    }

    /** The kind of work on a circuit as a whole: that of its points, the most demanding of them. */
    public function workOn(Circuit $circuit): Work
    {
        $works = array_map(fn(Point $point): Work => $this->site($point)->work, $this->feeds->pointsOn($circuit));
        foreach ([Work::New, Work::Extend, Work::Replace] as $work) {
            if (in_array($work, $works, true)) {
                return $work;
            }
        }

        return $works === [] ? ($this->as ?? $this->house->work) : Work::Existing;
    }

    /** As {@see workOn()}, where what it comes to is the circuit itself: a device changed in place calls for no new one. */
    public function workOnWiring(Circuit $circuit): Work
    {
        $work = $this->workOn($circuit);

        return $work === Work::Replace ? Work::Existing : $work;
    }

    public function zones(): Zones
    {
        return $this->once('zones', fn(): Zones => new Zones($this->feeds));
    }

    /** What instruments should show in it. */
    public function expected(): Expected
    {
        return $this->once('expected', fn(): Expected => new Expected($this->house, $this->feeds));
    }

    /**
     * What the function answers, worked out the first time it is asked for under that name.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function once(string $name, \Closure $work): mixed
    {
        if (! array_key_exists($name, $this->known)) {
            $this->known[$name] = $work();
        }
        /** @var T $known the same name always stands for the same work */
        $known = $this->known[$name];

        return $known;
    }
}

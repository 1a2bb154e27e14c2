<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Work;

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
        return new Site($this, $point, $point->work ?? $this->as ?? $this->house->work);
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

    public function zones(): Zones
    {
        return $this->once('zones', fn(): Zones => new Zones($this->feeds));
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

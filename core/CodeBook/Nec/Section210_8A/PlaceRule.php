<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** A clause of 210.8(A) that counts places: every receptacle in one, wherever the water is. */
abstract class PlaceRule implements Rule, UsesData
{
    /** The places it counts, in words, as that edition has them. */
    abstract protected function places(Edition $edition): string;

    final public function uses(Edition $edition): array
    {
        return ["Places: {$this->places($edition)}", ...Scope::inWords($edition)];
    }

    /** Why the area is such a place in that house, under that edition, null when it is not. */
    abstract public function counts(Context $context, Area $area): ?string;

    /** Whether the clause speaks of this receptacle in such a place. Most speak of all. */
    public function speaksOf(Point $point, Edition $edition): bool
    {
        return true;
    }

    /** Which receptacles of the place count, in a word or two for the room's ruler. */
    public function band(Edition $edition): string
    {
        return 'whole room';
    }

    /** Whether it speaks of every receptacle in the place. */
    public function countsAll(Edition $edition): bool
    {
        return true;
    }

    final public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    final public function binds(Site $site): ?string
    {
        return Scope::holds($site->point, $site->edition) && $this->speaksOf($site->point, $site->edition)
            ? $this->counts($site->context, $site->area)
            : null;
    }
}

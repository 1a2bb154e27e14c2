<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Work;

/** One outlet where it stands, with everything a rule may look at: the house, its feeds, the edition and the kind of work. */
final readonly class Site
{
    public Area $area;

    public function __construct(
        public House $house,
        public FeedMap $feeds,
        public Point $point,
        public Edition $edition,
        public Work $work,
    ) {
        $this->area = $house->areaOf($point);
    }

    /** The local change to the distance of this rule that fits this outlet, the last one written. */
    public function amendedDistance(Rule $rule): ?Amendment
    {
        $clause = $rule->clause($this->edition);
        $found = null;
        foreach ($this->house->code->amendments() as $amendment) {
            if ($amendment->do === AmendmentKind::Distance
                && $amendment->ft !== null
                && $amendment->what === $rule->asksFor()
                && $clause !== null
                && Clause::within($clause, $amendment->clause)
                && $amendment->fits($this->area, $this->point)) {
                $found = $amendment;
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Nec\Section210_8A\PlaceRule;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What an edition asks of a room as such: whether all of it counts, and how far the reach of its water goes. Drawn as the room's ruler. */
final readonly class RoomReach
{
    /**
     * @param string|null $band which receptacles count wherever they are ("whole room", "countertop only"), null for none
     * @param bool $whole whether the band is every receptacle of the room
     * @param list<string> $clauses the clauses behind the band
     * @param array<string, float> $limitsFt reach in feet by value of {@see FixtureKind}
     * @param bool $doorEnds whether a door ends a path in this edition
     */
    private function __construct(
        public ?string $band,
        public bool $whole,
        public array $clauses,
        public array $limitsFt,
        public bool $doorEnds,
    ) {
    }

    /** @param Point|null $sample an outlet of the room, for local changes to distances that bind it */
    public static function of(House $house, FeedMap $feeds, Area $area, ?Point $sample): self
    {
        $edition = $house->code->edition;
        $context = new Context($house, $feeds, $edition);
        $site = $sample === null ? null : $context->site($sample);
        $band = null;
        $whole = false;
        $clauses = [];
        $limits = [];
        foreach (CodeBook::shipped()->rules as $rule) {
            $clause = $rule->clauses()->in($edition);
            if ($clause === null) {
                continue;
            }
            if ($rule instanceof PlaceRule && $rule->counts($context, $area) !== null) {
                if ($band === null || (! $whole && $rule->countsAll($edition))) {
                    $band = $rule->band($edition);
                }
                $whole = $whole || $rule->countsAll($edition);
                $clauses[] = $clause;
            }
            if ($rule instanceof Reach) {
                foreach ($rule->fixtures() as $kind) {
                    $limits[$kind->value] = $rule->limitFt($site);
                }
            }
        }

        return new self($band, $whole, $clauses, $limits, CordPath::endsAtDoor($edition));
    }
}

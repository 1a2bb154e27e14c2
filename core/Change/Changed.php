<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Proving;
use Bouclier\Core\Live\Switching;

/** What a change makes of a house, and what of it is another. */
final readonly class Changed
{
    /**
     * @param HouseDocument $document of the house as it is after
     * @param list<PartChange> $parts
     */
    private function __construct(
        public House $house,
        public HouseDocument $document,
        public array $parts,
    ) {
    }

    /** @throws \Exception as {@see Command::on()} does */
    public static function by(Command $command, House $before, Asker $by): self
    {
        $after = $command->on($before->seeded($by->command), $by)->seeded(null);
        $after = Rewired::noted($before, LocationCodes::alsoFoundBy($before, $after, $by->gave), $by);

        return self::from($before, $after, $by->now);
    }

    /**
     * A house brought back to what it was: what was switched, opened and proved since stands, and a proof that the older house no longer
     * bears out is withdrawn.
     *
     * @param string $at ISO 8601
     */
    public static function backTo(House $then, House $now, string $at): self
    {
        return self::from($now, Switching::kept($now, $then), $at);
    }

    private static function from(House $before, House $after, string $at): self
    {
        $after = Proving::upheld($before, $after, $at);
        $document = HouseDocument::of($after);

        return new self($after, $document, HouseDocument::of($before)->changesTo($document));
    }
}

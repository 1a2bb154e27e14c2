<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Change\TestBody;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Practice\Deeds\Act;
use Bouclier\Core\Practice\Deeds\BoxDeed;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Deeds\TraceRuns;

/** Deeds as they are sent and kept: an action as a house file says it, or a deed by its name and its box. */
final class DeedReader
{
    /** More than anybody does on one visit. */
    public const MOST = 200;

    /**
     * @return list<Deed>
     *
     * @throws BadHouseFile naming what is not there, or cannot be done
     */
    public static function read(PracticeCase $case, Body $body): array
    {
        $deeds = $body->parts('deeds', self::MOST);

        return array_map(fn(Body $one, int $number): Deed => self::one($case, $one, "/deeds/$number"), $deeds, array_keys($deeds));
    }

    private static function one(PracticeCase $case, Body $said, string $pointer): Deed
    {
        $name = $said->text('do', 40);
        if ($name === TraceRuns::NAME) {
            return new TraceRuns();
        }
        foreach (BoxDeed::ALL as $deed) {
            if ($deed::name() === $name) {
                $point = $said->id('point');

                return $case->asItIs->hasPoint($point) ? new $deed($point) : $said->wrong('point', "there is no point \"$point\"");
            }
        }
        $read = ActionList::read($case->asItIs, [TestBody::action($said)], fn(): string => $pointer);

        return $read->wrong === [] ? new Act($read->all[0]) : throw new BadHouseFile($read->wrong);
    }
}

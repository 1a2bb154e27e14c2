<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\PlanChoice;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Bouclier\Core\Plan\Wanted;

/** What a house file says of a plan: `demand`, `budget_ma`, `prices`, `minutes`, `rate_per_hour`. */
final class PlanReader
{
    /** @throws BadHouseFile when it names what is not there */
    public static function of(House $house, Strategy $strategy): Planner
    {
        $feeds = new FeedMap($house);
        $wanted = Wanted::in($house, $feeds);

        return $wanted->wrong === []
            ? new Planner($house, Terms::of($house, $strategy), $feeds, $wanted)
            : throw new BadHouseFile($wanted->wrong);
    }

    /** @throws BadHouseFile */
    public static function choice(Body $body): PlanChoice
    {
        return new PlanChoice(
            $body->choice('strategy', Strategy::class),
            $body->maybeNumber('cost', 0, 10_000_000),
            $body->has('walks') ? $body->whole('walks', 0, 100_000) : null,
        );
    }
}

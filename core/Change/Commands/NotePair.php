<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Feed\Gauge;
use Bouclier\Core\House\Colours;
use Bouclier\Core\House\Entries\PairNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\WiringMethod;
use Bouclier\Core\Live\Asker;

/** What is seen of the cable of a pair that is not drawn. */
final readonly class NotePair implements Told
{
    private const MOST_FT = 2000.0;

    private const LONGEST = 200;

    private function __construct(private PairNoted $noted)
    {
    }

    public static function told(Body $body): self
    {
        $seen = $body->part('set');
        if ($seen->keys() === []) {
            $body->missing('set');
        }
        $colours = $seen->has('colours') ? $seen->part('colours') : null;

        return new self(new PairNoted(
            $body->id('point'),
            $body->text('pair', 1),
            $seen->has('awg') ? self::gauge($seen) : null,
            $seen->maybeNumber('length_ft', 0, self::MOST_FT),
            $seen->maybeChoice('method', WiringMethod::class),
            $seen->maybeNumber('strap_ft', 0, self::MOST_FT),
            $colours === null ? null : new Colours(self::words($colours, 'hot'), self::words($colours, 'neutral')),
            self::words($seen, 'mark'),
        ));
    }

    public function on(House $house, Asker $by): House
    {
        $house->point($this->noted->point);

        return $house->withEntry($this->noted->stamped($by->name, $by->now));
    }

    public function summary(House $house): string
    {
        return "What is seen of pair {$this->noted->pair}";
    }

    private static function gauge(Body $seen): int
    {
        $awg = $seen->whole('awg', min(Gauge::all()), max(Gauge::all()));

        return in_array($awg, Gauge::all(), true) ? $awg : $seen->wrong('awg', 'is no gauge');
    }

    /** Said to be none where it is there and null. */
    private static function words(Body $body, string $key): ?string
    {
        return in_array($key, $body->keys(), true) ? $body->maybeText($key, self::LONGEST) ?? '' : null;
    }
}

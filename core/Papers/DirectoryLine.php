<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;

/** One breaker as the directory of its panel says it. */
final readonly class DirectoryLine
{
    /**
     * @param list<Point> $feeds what it feeds, in walking order
     * @param list<Point> $uncertain which of them it is only believed to feed
     * @param list<Panel> $panels sub-panels it feeds
     * @param Circuit|null $tiedTo the breaker that goes off with it: one handle, or one device of two poles
     * @param string $protection in words: what of GFCI and AFCI there is on it, and where
     */
    public function __construct(
        public Circuit $circuit,
        public array $feeds,
        public array $uncertain,
        public array $panels,
        public ?Circuit $tiedTo,
        public string $protection,
    ) {
    }
}

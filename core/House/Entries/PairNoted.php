<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Colours;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;
use Bouclier\Core\House\WiringMethod;

/** What is seen in an open box of the cable of a pair that is not drawn, in the words of a cable, as far as it was said. */
final readonly class PairNoted implements Entry
{
    use Identified;

    /**
     * @param string $pair its letter since the pairs were counted
     * @param string|null $mark empty where there is none, as are colours
     */
    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public string $pair,
        #[Said(Value::OneOf, null, 14, 12, 10, 8, 6, 4, 2)]
        public ?int $awg = null,
        public ?float $lengthFt = null,
        public ?WiringMethod $method = null,
        public ?float $strapFt = null,
        public ?Colours $colours = null,
        public ?string $mark = null,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Long)]
        public ?string $text = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::Pairs;
    }
}

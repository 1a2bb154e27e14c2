<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** The outlets of one 120 V circuit, told apart by what a clause of 210.11(C) is about. */
final readonly class CircuitOutlets
{
    /**
     * @param list<Site> $own outlets the circuit is for
     * @param list<Site> $others all its other outlets
     */
    private function __construct(
        public Circuit $circuit,
        public array $own,
        public array $others,
    ) {
    }

    /**
     * Every 120 V circuit that feeds at least one outlet of the kind.
     *
     * @param \Closure(Site): bool $isOwn
     *
     * @return list<self>
     */
    public static function with(Context $context, \Closure $isOwn): array
    {
        $all = array_map(
            fn(Circuit $circuit): self => self::on($circuit, $context, $isOwn),
            array_filter($context->house->circuits, fn(Circuit $circuit): bool => $circuit->volts() === 120.0),
        );

        return array_values(array_filter($all, fn(self $of): bool => $of->own !== []));
    }

    /** @param \Closure(Site): bool $isOwn */
    public static function on(Circuit $circuit, Context $context, \Closure $isOwn): self
    {
        $sites = array_map(fn(Point $point): Site => $context->site($point), $context->feeds->pointsOn($circuit));
        $outlets = array_filter($sites, fn(Site $site): bool => $site->isOutlet());

        return new self(
            $circuit,
            array_values(array_filter($outlets, $isOwn)),
            array_values(array_filter($outlets, fn(Site $site): bool => ! $isOwn($site))),
        );
    }

    /** @return array<self> the same circuit as each room sees it that it is for, by area id */
    public function byRoom(): array
    {
        $own = [];
        foreach ($this->own as $site) {
            $own[$site->area->id][] = $site;
        }

        return array_map(fn(array $here): self => new self($this->circuit, $here, $this->others), $own);
    }

    public function spoken(): string
    {
        return "circuit {$this->circuit->slot} {$this->circuit->label}";
    }

    /**
     * @param list<Site> $sites
     */
    public static function codes(array $sites): string
    {
        $codes = array_map(fn(Site $site): string => $site->point->code, $sites);

        return implode(', ', array_slice($codes, 0, 5)) . (count($codes) > 5 ? ' and ' . (count($codes) - 5) . ' more' : '');
    }

    /**
     * @param list<Site> $sites
     *
     * @return list<string>
     */
    public static function ids(array $sites): array
    {
        return array_map(fn(Site $site): string => $site->point->id, $sites);
    }
}

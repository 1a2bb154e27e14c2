<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One local change to the code: a requirement added or waived, or a distance changed. Shown in every verdict it touches. */
final readonly class Amendment
{
    /**
     * @param list<AreaKind>|null $kinds
     * @param list<Serves>|null $serves
     * @param string|null $rule the id of a rule of the code book: it stays the same where editions number its clause anew
     * @param list<PointKind>|null $points the kinds of outlet it is about
     */
    public function __construct(
        public AmendmentKind $do,
        public Protection $what,
        public ?string $clause = null,
        #[Said(Value::Many, AreaKind::class)]
        public ?array $kinds = null,
        #[Said(Value::Many, Serves::class)]
        public ?array $serves = null,
        public ?float $ft = null,
        public ?string $author = null,
        #[Said(Value::Date)]
        public ?string $date = null,
        public ?string $source = null,
        public ?string $rule = null,
        #[Said(Value::Many, PointKind::class)]
        public ?array $points = null,
        public ?object $x = null,
    ) {
    }

    /** @return list<AreaKind> */
    public function kinds(): array
    {
        return $this->kinds ?? [];
    }

    /** @return list<Serves> */
    public function serves(): array
    {
        return $this->serves ?? [];
    }

    /** @return list<PointKind> */
    public function points(): array
    {
        return $this->points ?? [];
    }

    /** An empty list of places, uses or kinds of outlet means all of them. */
    public function fits(Area $area, Point $point): bool
    {
        return ($this->kinds() === [] || in_array($area->kind, $this->kinds(), true))
            && ($this->serves() === [] || in_array($point->serves(), $this->serves(), true))
            && ($this->points() === [] || in_array($point->kind, $this->points(), true));
    }
}

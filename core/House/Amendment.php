<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One local change to the code: a requirement added or waived, or a distance changed. Shown in every verdict it touches. */
final readonly class Amendment
{
    /**
     * @param list<AreaKind>|null $kinds
     * @param list<Serves>|null $serves
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

    /** An empty list of places or uses means all of them. */
    public function fits(Area $area, Point $point): bool
    {
        return ($this->kinds() === [] || in_array($area->kind, $this->kinds(), true))
            && ($this->serves() === [] || in_array($point->serves(), $this->serves(), true));
    }
}

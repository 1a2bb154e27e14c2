<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The edition the local authority has adopted, with its amendments. */
final readonly class CodeOfPlace
{
    use With;

    private const SHOWN_IN = 'shown_in';

    /**
     * @param list<Amendment>|null $amendments
     */
    public function __construct(
        public Edition $edition,
        #[Said(Value::Many, Amendment::class)]
        public ?array $amendments = null,
        public ?object $x = null,
    ) {
    }

    /**
     * What lengths are shown in: what who looks at it has chosen, else what the code goes by.
     *
     * @param Edition|null $edition it is judged by, when that is another
     */
    public function unit(?Edition $edition = null): LengthUnit
    {
        $chosen = $this->x->{self::SHOWN_IN} ?? null;

        return (is_string($chosen) ? LengthUnit::tryFrom($chosen) : null) ?? ($edition ?? $this->edition)->unit();
    }

    /** As somebody wants it shown; never stored so. */
    public function shownIn(?LengthUnit $unit): self
    {
        return $unit === null ? $this : $this->with(x: Extra::with($this->x, self::SHOWN_IN, $unit->value));
    }

    /** @return list<Amendment> */
    public function amendments(): array
    {
        return $this->amendments ?? [];
    }
}

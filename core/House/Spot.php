<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Where something is: one of a point, a circuit, a cable (at one of its ends), an appliance, or the cord set of one. */
final readonly class Spot
{
    public function __construct(
        public ?string $point = null,
        public ?string $circuit = null,
        public ?string $cable = null,
        public bool $atFrom = false,
        public ?string $appliance = null,
        public ?string $cord = null,
    ) {
    }

    /** As a house file says a place, or a thing that is at one. */
    public static function of(Loose $said): self
    {
        return new self(
            $said->text('point'),
            $said->text('circuit'),
            $said->text('cable'),
            $said->text('end') === 'from',
            $said->text('appliance'),
            $said->text('cord'),
        );
    }

    /**
     * As a house file writes a place.
     *
     * @param bool $withEnd whether it is said which end of a cable it is
     */
    public function said(bool $withEnd = false): object
    {
        return (object) array_filter([
            'point' => $this->point,
            'circuit' => $this->circuit,
            'cable' => $this->cable,
            'end' => $withEnd ? ($this->atFrom ? 'from' : 'to') : null,
            'appliance' => $this->appliance,
            'cord' => $this->cord,
        ], fn(?string $said): bool => $said !== null);
    }

    /** What kind of place it is: the name of the one that is said. */
    public function kind(): string
    {
        return match (true) {
            $this->point !== null => 'point',
            $this->circuit !== null => 'circuit',
            $this->cable !== null => 'cable',
            $this->appliance !== null => 'appliance',
            default => 'cord',
        };
    }

    /** The id of what it is, whatever kind of place. */
    public function id(): string
    {
        return $this->point ?? $this->circuit ?? $this->cable ?? $this->appliance ?? $this->cord ?? '';
    }

    /** The appliance it is, or whose cord set it is. */
    public function ofAppliance(): ?string
    {
        return $this->appliance ?? $this->cord;
    }

    public function is(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** The device it names: a point or a circuit. */
    public function device(): ?string
    {
        return $this->point ?? $this->circuit;
    }
}

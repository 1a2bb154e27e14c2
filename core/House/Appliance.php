<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Something plugged in or standing by. `at` is null when it is not plugged in. */
final readonly class Appliance
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public string $name,
        #[Said(Value::Id)]
        public ?string $at,
        public ?float $watts = null,
        #[Said(Value::Positive)]
        public ?float $volts = null,
        public ?bool $on = null,
        public ?string $class = null,
        public ?bool $extension = null,
        public ?Leakage $leakage = null,
        public ?bool $critical = null,
        public ?bool $measured = null,
        public ?object $x = null,
    ) {
    }

    /** Rated current in A while it runs; 0 where no watts are known. */
    public function amps(): float
    {
        return ($this->watts ?? 0.0) / ($this->volts ?? 120.0);
    }

    /** Conductance while it runs, by its rating. */
    public function siemens(): float
    {
        $volts = $this->volts ?? 120.0;

        return ($this->watts ?? 0.0) / ($volts * $volts);
    }

    public function isOn(): bool
    {
        return $this->on ?? false;
    }

    /** What it leaks: as clamped or written, else what its class typically does, else nothing. */
    public function leaks(): Leakage
    {
        return $this->leakage ?? (new LeakageLibrary())->typical($this->class) ?? new Leakage();
    }
}

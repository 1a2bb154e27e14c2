<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * A receptacle, light, switch, hard-wired outlet or junction. Properties are as written (null: not said); methods give what the format then
 * takes.
 */
final readonly class Point
{
    use Recoded;
    use With;

    /** Under `x`: the fields that were taken for granted and not said. */
    public const ASSUMED = 'assumed';

    /** Amperes of a receptacle nobody has looked at. */
    public const USUAL_AMPS = 15.0;

    private const REFUSES_SINCE = '2015-07';

    /**
     * @param list<Distance>|null $distances
     * @param list<string|int|null>|null $madeBetween
     * @param list<PointLabel>|null $labels
     */
    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public string $code,
        #[Said(Value::Id)]
        public string $area,
        public string $name,
        public PointKind $kind,
        public Device $device,
        #[Said(Value::Positive)]
        public ?float $amps = null,
        #[Said(Value::Positive)]
        public ?float $volts = null,
        public ?Serves $serves = null,
        public ?Exposure $exposure = null,
        public ?bool $accessible = null,
        public ?float $heightFt = null,
        #[Said(Value::Many, Distance::class)]
        public ?array $distances = null,
        public ?Box $box = null,
        public ?Cover $cover = null,
        #[Said(Value::Id)]
        public ?string $circuit = null,
        public ?Yoke $yoke = null,
        public ?Halves $halves = null,
        #[Said(Value::Id)]
        public ?string $yokeWith = null,
        #[Said(Value::Positive)]
        public ?float $feedThroughAmps = null,
        public ?GroundPath $ground = null,
        public ?Work $work = null,
        #[Said(Value::Since)]
        public ?string $installedOn = null,
        public ?array $madeBetween = null,
        public ?bool $selfTest = null,
        public ?bool $alone = null,
        public ?TubZone $tubZone = null,
        #[Said(Value::Many, PointLabel::class)]
        public ?array $labels = null,
        public ?bool $tr = null,
        public ?bool $wr = null,
        public ?string $finish = null,
        public ?Workmanship $workmanship = null,
        public ?bool $partOfAppliance = null,
        public ?bool $factoryFitted = null,
        public ?bool $gfElement = null,
        #[Said(Value::OneOf, null, 2, 3)]
        public ?int $slots = null,
        public ?DeviceLight $light = null,
        public ?DeviceSound $sound = null,
        public ?ResetBy $resetBy = null,
        public ?object $x = null,
    ) {
    }

    /** @return list<Distance> */
    public function distances(): array
    {
        return $this->distances ?? [];
    }

    /** @return list<PointLabel> */
    public function labels(): array
    {
        return $this->labels ?? [];
    }

    /** Rated amperes of the device. */
    public function amps(): float
    {
        return $this->amps ?? self::USUAL_AMPS;
    }

    /** Rated volts of the configuration: 125 or 250. */
    public function volts(): float
    {
        return $this->volts ?? 125.0;
    }

    public function serves(): Serves
    {
        return $this->serves ?? Serves::General;
    }

    public function exposure(): Exposure
    {
        return $this->exposure ?? Exposure::Dry;
    }

    public function accessible(): bool
    {
        return $this->accessible ?? true;
    }

    /** Height above the floor, in feet. */
    public function heightFt(): float
    {
        return $this->heightFt ?? 1.5;
    }

    public function yoke(): Yoke
    {
        return $this->yoke ?? Yoke::Duplex;
    }

    /** What may hang on the LOAD side, in amperes. */
    public function feedThroughAmps(): float
    {
        return $this->feedThroughAmps ?? 20.0;
    }

    public function ground(): GroundPath
    {
        return $this->ground ?? GroundPath::Wire;
    }

    /** Slots of a receptacle: three with a ground contact, two without. */
    public function slots(): int
    {
        return $this->slots ?? 3;
    }

    /** Whether it has a ground for certain, as it is recorded: a contact for it, and a path behind that. */
    public function isGrounded(): bool
    {
        return $this->slots() === 3 && $this->ground()->isThere();
    }

    public function isReceptacle(): bool
    {
        return $this->kind === PointKind::Receptacle;
    }

    /** Where current is taken: a switch or junction box is none. */
    public function isOutlet(): bool
    {
        return in_array($this->kind, [PointKind::Receptacle, PointKind::Light, PointKind::Hardwired], true);
    }

    /** Whether its device is new enough to stay open where its feed is on LOAD (physics: made from mid-2015 on). */
    public function refusesFeedOnLoad(): bool
    {
        return $this->device->feedsThrough()
            && ($this->selfTest === true || strcmp((string) ($this->madeBetween[0] ?? ''), self::REFUSES_SINCE) >= 0);
    }

    /** Whether such a device can be bought: protective receptacles are made for 15 and 20 A at 125 V, and for nothing else. */
    public function isDeviceMade(): bool
    {
        return ! $this->isReceptacle() || ! $this->device->feedsThrough() || $this->takesUsualPlugs();
    }

    /** Whether the plugs of rooms fit, and those of plug-in testers: slots for 15 or 20 A at 125 V. */
    public function takesUsualPlugs(): bool
    {
        return $this->isReceptacle() && $this->volts() <= 125.0 && $this->amps() <= 20.0;
    }

    /** @return list<string> fields that were taken for granted when it was entered, as the house file names them */
    public function assumed(): array
    {
        return Extra::listed($this->x, self::ASSUMED);
    }

    /** Whether its own device gives the protection, to what is on its LOAD as well. */
    public function gives(Protection $protection): bool
    {
        return $this->isDeviceMade() && match ($protection) {
            Protection::Gfci => $this->device->givesGfci(),
            Protection::Afci => $this->device->givesAfci(),
            default => false,
        };
    }

    /** Nothing that was said of the device before holds of the one that is bought. */
    public function withNewDevice(Device $device): self
    {
        return $this->with(
            device: $device,
            selfTest: $device->feedsThrough() ? true : null,
            installedOn: null,
            madeBetween: null,
            gfElement: null,
            light: null,
            sound: null,
            resetBy: null,
        );
    }

    /** Without protection of its own: a plain receptacle, tamper-resistant as they are bought today; where none is, no device. */
    public function withoutProtection(): self
    {
        return $this->isReceptacle() ? $this->withNewDevice(Device::Standard)->with(tr: true) : $this->withNewDevice(Device::None);
    }
}

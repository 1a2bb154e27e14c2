<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Records\Moment;

/**
 * A meter on a known live point, on the dead one, on the live one again: that circuits are dead at a point. As `records.proofs` of the
 * house file.
 */
final readonly class DeadProof
{
    /** "Close to zero" needs a limit: volts below which a conductor counts as dead on a low-impedance reading. */
    public const LIMIT_VOLTS = 5.0;

    /** After a shift it is made again: nobody remembers what was done at the panel in the meantime. */
    public const HOLDS_HOURS = 8;

    /** Share of the supply from which on a reading is line voltage. */
    public const LINE_VOLTAGE = 0.8;

    /**
     * @param list<string> $circuits off when it was read; turning any of them on ends the proof
     * @param list<VoltReading> $dead
     * @param string|null $at ISO 8601
     * @param string|null $helper the id of the helper who made it: it opens nothing for others
     */
    public function __construct(
        public array $circuits,
        public array $dead,
        public ?VoltReading $liveBefore = null,
        public ?VoltReading $liveAfter = null,
        public float $limitVolts = self::LIMIT_VOLTS,
        public ?string $at = null,
        public ?string $who = null,
        public ?string $withdrawnAt = null,
        public ?string $withdrawnWhy = null,
        public ProofWay $way = ProofWay::SeenLive,
        public ?string $helper = null,
        public ?string $id = null,
    ) {
    }

    public static function fromData(\stdClass $data): self
    {
        $text = fn(string $key): ?string => is_string($data->{$key} ?? null) ? $data->{$key} : null;
        $reading = fn(mixed $said): ?VoltReading => $said instanceof \stdClass ? VoltReading::fromData($said) : null;
        $list = fn(string $key): array => is_array($data->{$key} ?? null) ? array_values($data->{$key}) : [];

        return new self(
            array_values(array_filter($list('circuits'), is_string(...))),
            array_values(array_filter(array_map($reading, $list('dead')), fn(?VoltReading $read): bool => $read !== null)),
            $reading($data->known_live_before ?? null),
            $reading($data->known_live_after ?? null),
            is_numeric($data->limit_volts ?? null) ? (float) $data->limit_volts : self::LIMIT_VOLTS,
            $text('at_time'),
            $text('who'),
            $text('withdrawn_at'),
            $text('withdrawn_why'),
            ProofWay::tryFrom($text('way') ?? '') ?? ProofWay::SeenLive,
            $text('helper'),
            $text('id'),
        );
    }

    public function toData(): \stdClass
    {
        return (object) array_filter([
            'id' => $this->id,
            'at_time' => $this->at,
            'who' => $this->who,
            'helper' => $this->helper,
            'way' => $this->way->value,
            'circuits' => $this->circuits,
            'known_live_before' => $this->liveBefore?->toData(),
            'dead' => array_map(fn(VoltReading $read): \stdClass => $read->toData(), $this->dead),
            'known_live_after' => $this->liveAfter?->toData(),
            'limit_volts' => $this->limitVolts,
            'withdrawn_at' => $this->withdrawnAt,
            'withdrawn_why' => $this->withdrawnWhy,
        ], fn(mixed $said): bool => $said !== null);
    }

    /** @return list<string> ids of the points it was read at */
    public function points(): array
    {
        return array_values(
            array_unique(array_filter(array_map(fn(VoltReading $read): ?string => $read->point, $this->dead), is_string(...))),
        );
    }

    public function isOlderThanAShift(string $now): bool
    {
        $at = Moment::seconds($this->at);

        return $at === null || (Moment::seconds($now) ?? $at) - $at > self::HOLDS_HOURS * 3600;
    }

    /** @param list<ToRead> $places */
    public function covers(string $point, array $places): bool
    {
        foreach ($places as $place) {
            $read = array_filter($this->dead, fn(VoltReading $read): bool => $read->point === $point && $read->isAt($place));
            if ($read === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * Why it proves nothing, if so.
     *
     * @param string $code how the point is spoken of
     * @param list<ToRead> $places where the meter has to be held at the point
     * @param float $supplyVolts leg to neutral
     *
     * @return list<string>
     */
    public function objections(string $point, string $code, array $places, float $supplyVolts): array
    {
        $why = [];
        $reference = array_filter($places, fn(ToRead $place): bool => $place->between->isReference()) !== [];
        foreach ([['before', $this->liveBefore], ['after', $this->liveAfter]] as [$when, $known]) {
            if ($known === null) {
                $why[] = "The meter was not held on a known live point $when: one that has failed reads zero everywhere";
            } elseif ($known->volts < self::LINE_VOLTAGE * $supplyVolts) {
                $why[] = self::volts($known->volts)
                    . " on the known live point $when is not line voltage: the meter or the point is not good for a proof";
            } elseif ($reference && $known->between?->isReference() !== true) {
                $why[] = "The reference lead was not held on a known live point $when: one that is not grounded reads zero everywhere";
            }
        }
        foreach ($places as $place) {
            $read = array_values(
                array_filter($this->dead, fn(VoltReading $read): bool => $read->point === $point && $read->isAt($place)),
            )[0] ?? null;
            if ($read === null) {
                $why[] = "$code was not read at " . $place->spoken();
            } elseif ($read->volts >= $this->limitVolts) {
                $induced = $read->volts < 60.0 && $read->lowZ !== true
                    ? '. On a high-impedance meter that may be induced: read it again at low impedance'
                    : '';
                $why[] = self::volts($read->volts) . " at $code, {$place->spoken()}: not below " . self::volts($this->limitVolts)
                    . ", so not dead$induced";
            }
        }

        return $why;
    }

    private static function volts(float $volts): string
    {
        return rtrim(rtrim(number_format($volts, 1, '.', ''), '0'), '.') . ' V';
    }
}

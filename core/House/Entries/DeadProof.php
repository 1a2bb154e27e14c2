<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Moment;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/**
 * A meter on a known live point, on the dead one, on the live one again: that circuits are dead at a point.
 */
final readonly class DeadProof implements Entry
{
    use Identified;

    /** "Close to zero" needs a limit: volts below which a conductor counts as dead on a low-impedance reading. */
    public const LIMIT_VOLTS = 5.0;

    /** After a shift it is made again: nobody remembers what was done at the panel in the meantime. */
    public const HOLDS_HOURS = 8;

    /**
     * @param list<string> $circuits off when it was read; turning any of them on ends the proof
     * @param list<VoltReading> $dead
     * @param string|null $helper the id of the helper who made it: it opens nothing for others
     */
    public function __construct(
        #[Said(Value::Ids)]
        public array $circuits,
        #[Said(Value::Many, VoltReading::class)]
        public array $dead,
        public ?VoltReading $knownLiveBefore = null,
        public ?VoltReading $knownLiveAfter = null,
        #[Said(Value::Positive)]
        public ?float $limitVolts = null,
        public ?ProofWay $way = null,
        #[Said(Value::Id)]
        public ?string $helper = null,
        #[Said(Value::Time)]
        public ?string $withdrawnAt = null,
        public ?string $withdrawnWhy = null,
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
        return EntryList::Proofs;
    }

    /** Volts below which a conductor counts as dead. */
    public function limitVolts(): float
    {
        return $this->limitVolts ?? self::LIMIT_VOLTS;
    }

    public function way(): ProofWay
    {
        return $this->way ?? ProofWay::SeenLive;
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
        $at = Moment::seconds($this->atTime);

        return $at === null || (Moment::seconds($now) ?? $at) - $at > self::HOLDS_HOURS * 3600;
    }

    /** @param string $at ISO 8601 */
    public function withdrawn(string $at, string $why): self
    {
        return $this->replaced(['withdrawnAt' => $at, 'withdrawnWhy' => $why]);
    }
}

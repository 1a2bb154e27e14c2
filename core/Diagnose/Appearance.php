<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Network\SlotReadings;

/** What instruments would show in the house if a cause were it, beside the same with nothing wrong. */
final readonly class Appearance
{
    /** Volts by which two readings of a meter differ so that nobody takes them for the same. */
    private const TELLS_VOLTS = 5.0;

    /** Milliamperes by which two readings of a clamp do. */
    private const TELLS_MA = 0.7;

    /**
     * @param SlotReadings $now as it stands now, every breaker on
     * @param SlotReadings $sound the same with nothing wrong
     * @param list<string> $open devices and breakers that stand open then
     * @param list<string> $opened those that open as it was told
     * @param array<array{float, float}> $sees milliamperes through devices as it was told, and with nothing wrong, by id
     * @param array<array{float, float}> $clamped the same round cables
     */
    public function __construct(
        private SlotReadings $now,
        private SlotReadings $sound,
        public array $open,
        public array $opened,
        public array $sees,
        private array $clamped,
    ) {
    }

    /** Whether the point is in the part of the house that was worked through. */
    public function has(string $point): bool
    {
        return $this->now->has($point);
    }

    public function lampsAt(string $point): Lamps
    {
        return $this->now->lamps($point);
    }

    /** @return array{hn: float|null, hg: float|null, ng: float|null} volts; null between two that float */
    public function voltsAt(string $point): array
    {
        return $this->now->volts($point);
    }

    /** Whether an instrument there shows something else than with nothing wrong. */
    public function isOtherAt(string $point): bool
    {
        return self::differ($this->now, $this->sound, $point);
    }

    /** Whether an instrument there tells this from another cause. */
    public function tellsFrom(self $other, string $point): bool
    {
        return self::differ($this->now, $other->now, $point);
    }

    /** @return array{float, float}|null mA a clamp round a cable shows as it was told, and with nothing wrong, where those differ */
    public function clampOn(string $cable): ?array
    {
        [$ma, $sound] = $this->clamped[$cable] ?? [0.0, 0.0];

        return abs($ma - $sound) > self::TELLS_MA ? [$ma, $sound] : null;
    }

    /** Whether a clamp round a cable tells this from another cause. */
    public function clampTellsFrom(self $other, string $cable): bool
    {
        return abs(($this->clamped[$cable][0] ?? 0.0) - ($other->clamped[$cable][0] ?? 0.0)) > self::TELLS_MA;
    }

    private static function differ(SlotReadings $one, SlotReadings $other, string $point): bool
    {
        $isAnother = fn(?float $volts, ?float $otherVolts): bool => $volts === null || $otherVolts === null
            ? $volts !== $otherVolts
            : abs($volts - $otherVolts) > self::TELLS_VOLTS;

        return ! $one->lamps($point)->equals($other->lamps($point))
            || in_array(true, array_map($isAnother, $one->volts($point), $other->volts($point)), true);
    }
}

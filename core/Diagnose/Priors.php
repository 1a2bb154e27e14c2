<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Workmanship;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Records\Records;

/**
 * How often each cause is met, per place where it can be, before anything was seen: this table and nothing else. Ours, from what the trade says: appliances and
 * water first, then boxes somebody has worked in, then worn devices; miswiring that has worked for years last. A crew may put its own numbers in their place.
 */
final readonly class Priors
{
    /** By kind of fault and place; causes that are no fault; and, from "times" on, what multiplies them. */
    public const STANDARD = [
        'leak appliance' => 0.060,
        'leak cord' => 0.030,
        'leak point' => 0.012,
        'leak cable' => 0.006,
        'neutral_ground point' => 0.014,
        'neutral_ground cable' => 0.006,
        'open cable' => 0.010,
        'open point' => 0.010,
        'high_resistance cable' => 0.008,
        'short point' => 0.004,
        'short cable' => 0.003,
        'short appliance' => 0.008,
        'swap cable' => 0.006,
        'swap_hot_ground cable' => 0.003,
        'reversed_line_load point' => 0.012,
        'land cable' => 0.008,
        'bootleg point' => 0.008,
        'borrowed_neutral point' => 0.006,
        'dead_device point' => 0.030,
        'dead_device circuit' => 0.015,
        'weak_device point' => 0.025,
        'weak_device circuit' => 0.015,
        'stuck_device point' => 0.030,
        'stuck_device circuit' => 0.015,
        'series_arc cable' => 0.008,
        'series_arc point' => 0.012,
        'parallel_arc cable' => 0.004,
        'parallel_arc point' => 0.005,
        'honest_sum' => 0.050,
        'long_cable' => 0.010,
        'overload' => 0.050,
        'no_feed' => 0.020,
        'upstream_tripped' => 0.060,
        'recorded so' => 0.500,
        'unknown' => 0.010,
        'times damp or wet' => 4.0,
        'times disturbed box' => 3.0,
        'times original box' => 0.5,
        'times no self-test' => 1.5,
        'times over ten years' => 2.0,
        'times comes and goes' => 0.5,
        'times seen here before' => 2.5,
        'times was running' => 3.0,
        'times was wet then' => 2.0,
        'times a tingle was felt' => 4.0,
        'times found popped' => 8.0,
        'times none had popped' => 0.3,
        'times two at once' => 0.05,
    ];

    private const HANDWORK = [FaultKind::NeutralGround, FaultKind::Land, FaultKind::ReversedLineLoad, FaultKind::Swap, FaultKind::SwapHotGround, FaultKind::Bootleg, FaultKind::BorrowedNeutral, FaultKind::Open, FaultKind::HighResistance, FaultKind::SeriesArc];

    /**
     * @param array<string, float> $table
     * @param string|null $today by which the age of a device counts, ISO 8601
     */
    private function __construct(private array $table, private ?string $today)
    {
    }

    public static function standard(): self
    {
        return new self(self::STANDARD, null);
    }

    /** @param array<string, float> $own what a crew has put in the place of a number; what is not in the table, or not above 0, counts for nothing */
    public function with(array $own, ?string $today = null): self
    {
        return new self([...$this->table, ...array_filter(array_intersect_key($own, self::STANDARD), fn(float $number): bool => $number > 0.0)], $today);
    }

    public function named(string $name): float
    {
        return $this->table[$name] ?? throw new \OutOfBoundsException("there is no prior \"$name\"");
    }

    /** @param string $place point, circuit, cable, appliance or cord */
    public function of(Fault $fault, string $place, House $house, ?Point $point, ?Symptom $symptom = null): float
    {
        return ($this->table["{$fault->kind->value} $place"] ?? 0.001) * $this->product($this->times($fault, $place, $house, $point, $symptom));
    }

    /** @param list<string> $times lines of the table */
    public function product(array $times): float
    {
        return array_product(array_map($this->named(...), $times));
    }

    /** @return list<string> lines of the table that make a fault likelier here, or less likely, by what is recorded and what was told */
    public function times(Fault $fault, string $place, House $house, ?Point $point, ?Symptom $symptom = null): array
    {
        $isTold = fn(Question $question, Answer $answer = Answer::Yes): bool => $symptom?->isAnswered($question, $answer) ?? false;
        $isDamp = $point !== null && $fault->kind === FaultKind::Leak && $point->exposure() !== Exposure::Dry;
        $device = $fault->kind->isWear() && $fault->at->point !== null ? $house->point($fault->at->point) : null;
        $box = $point !== null && in_array($fault->kind, self::HANDWORK, true) ? $point->workmanship ?? Workmanship::Unknown : null;
        $is = [
            'times damp or wet' => $isDamp && $place === 'point',
            'times was wet then' => $isDamp && $isTold(Question::Water),
            'times disturbed box' => $box === Workmanship::Disturbed || ($box === Workmanship::Unknown && $isTold(Question::Worker)),
            'times original box' => $box === Workmanship::Original,
            'times no self-test' => $device?->selfTest === false,
            'times over ten years' => $device !== null && ($this->isOld($device) ?? $isTold(Question::Age, Answer::OverTen)),
            'times was running' => in_array($fault->at->appliance ?? $fault->at->cord, $symptom->running ?? [], true),
            'times a tingle was felt' => $isTold(Question::Tingle) && self::mayBeFelt($fault),
            'times seen here before' => $this->wasHere($fault, $house),
        ];

        return array_keys(array_filter($is));
    }

    /** Whether it may make a frame live. */
    private static function mayBeFelt(Fault $fault): bool
    {
        return match ($fault->kind) {
            FaultKind::Leak => $fault->at->appliance !== null || $fault->at->cord !== null,
            FaultKind::Open => $fault->conductor === Conductor::Ground,
            default => $fault->kind === FaultKind::SwapHotGround || $fault->kind === FaultKind::Bootleg,
        };
    }

    /** @return bool|null null where its age is not recorded */
    private function isOld(Point $device): ?bool
    {
        $made = DeviceAge::of($device)?->to;

        return $made === null || $this->today === null ? null : (int) substr($this->today, 0, 4) - (int) substr($made, 0, 4) > 10;
    }

    /** Whether something went wrong at the place before, as the records of the house have it. */
    private function wasHere(Fault $fault, House $house): bool
    {
        foreach (Records::of($house, 'device_history') as $entry) {
            if (! in_array($entry->event ?? null, ['tripped', 'failed'], true)) {
                continue;
            }
            foreach (['point', 'circuit', 'cable', 'appliance'] as $place) {
                $is = $place === 'appliance' ? $fault->at->appliance ?? $fault->at->cord : $fault->at->{$place};
                if ($is !== null && ($entry->{$place} ?? null) === $is) {
                    return true;
                }
            }
        }

        return false;
    }
}

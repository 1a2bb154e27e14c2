<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Kinds;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\House\Workmanship;

/**
 * How often each cause is met, per place where it can be, before anything was seen: this table and nothing else. Ours, from what the trade
 * says: appliances and water first, then boxes somebody has worked in, then worn devices; miswiring that has worked for years last. A crew
 * may put its own numbers in their place.
 */
final readonly class Priors
{
    /** Causes that are no fault, by what they explain it by; and what is recorded to be wrong and leads to it by itself. */
    private const WITHOUT_FAULT = [
        Explains::SharedNeutral->value => 0.050,
        Explains::HonestSum->value => 0.150,
        Explains::LongCable->value => 0.010,
        Explains::Overload->value => 0.050,
        Explains::NoFeed->value => 0.020,
        Explains::Beyond->value => 0.040,
        Explains::UpstreamTripped->value => 0.060,
        self::RECORDED => 0.500,
        Explains::Unknown->value => 0.010,
    ];

    private const RECORDED = 'recorded so';

    /** What else was filed of a house that makes a cause likelier there. */
    public const LEARNS_FROM = [EntryList::Calls, EntryList::DeviceHistory];

    /** Of a fault at a place where its kind says nothing. */
    private const ELSEWHERE = 0.001;

    /** Calls the table weighs as much as, and calls in which it held that what multiplies does. */
    private const OWN_WEIGHT = 100;
    private const FACTOR_WEIGHT = 10;

    /**
     * @param array<string, float> $table
     * @param string|null $today by which the age of a device counts, ISO 8601
     * @param Learned $own what one's own calls came to
     */
    private function __construct(private array $table, private ?string $today, private Learned $own = new Learned())
    {
    }

    public static function standard(): self
    {
        return new self(self::table(), null);
    }

    /**
     * @return array<string, float> every number, by the name of its line: of each kind of fault at each kind of place, of what is no fault,
     *     and of what multiplies them
     */
    public static function table(): array
    {
        $table = [];
        foreach (Kinds::ALL as $kind) {
            foreach ($kind::frequencies() as $frequency) {
                $table[self::line($kind::name(), $frequency->place)] = $frequency->often;
            }
        }
        $table = [...$table, ...self::WITHOUT_FAULT];
        foreach (Factor::cases() as $factor) {
            $table[$factor->value] = $factor->standard();
        }

        return $table;
    }

    public static function line(string $kind, string $place): string
    {
        return "$kind $place";
    }

    /**
     * @param array<string, float> $own what a crew has put in the place of a number; what is not in the table, or not above 0, counts for
     *     nothing
     */
    public function with(array $own, ?string $today = null): self
    {
        return new self(
            [...$this->table, ...array_filter(array_intersect_key($own, self::table()), fn(float $number): bool => $number > 0.0)],
            $today,
            $this->own,
        );
    }

    /**
     * With what calls came to: the table weighs as much as so many calls, and each that was settled is one more. What is not in the table
     * counts for nothing.
     */
    public function learned(Learned $learned): self
    {
        $causes = self::causes($this->table);
        $sum = array_sum($causes);
        $calls = array_intersect_key($learned->calls, $causes);
        $all = self::OWN_WEIGHT + array_sum($calls);
        $table = $this->table;
        foreach ($causes as $line => $often) {
            $table[$line] = $sum * (self::OWN_WEIGHT * $often / $sum + ($calls[$line] ?? 0)) / $all;
        }
        foreach (array_intersect_key($learned->with, array_diff_key($this->table, $causes)) as $factor => $seen) {
            // Of the calls, in how many it should have held if it makes it so many times likelier.
            $odds = $table[$factor] * $seen['share'];
            $expected = $seen['of'] * $odds / ($odds + 1.0 - $seen['share']);
            $table[$factor] *= (self::FACTOR_WEIGHT + $seen['held']) / (self::FACTOR_WEIGHT + $expected);
        }

        return new self($table, $this->today, new Learned($calls, $learned->with));
    }

    /** Of a hundred calls, how many come to a line of the table, whatever the house. */
    public function ofHundred(string $line): float
    {
        return 100.0 * $this->table[$line] / array_sum(self::causes($this->table));
    }

    /** What multiplies: how many times likelier it makes a cause. */
    public function times(string $factor): float
    {
        return $this->table[$factor];
    }

    /** How many calls of one's own came to it, or tell how much it counts. */
    public function ownCalls(string $line): int
    {
        return $this->own->calls[$line] ?? $this->own->with[$line]['of'] ?? 0;
    }

    /** How many of a hundred calls a number of the table stands for, all others being ours. */
    public static function asOfHundred(float $often): float
    {
        return 100.0 * $often / array_sum(self::causes(self::table()));
    }

    /** What stands in the table for so many of a hundred calls: the other way round. */
    public static function standingFor(float $ofHundred): float
    {
        return $ofHundred / 100.0 * array_sum(self::causes(self::table()));
    }

    /** Whether a line says how often a cause is met; else it multiplies. */
    public static function isCause(string $line): bool
    {
        return isset(self::causes(self::table())[$line]);
    }

    /**
     * @param array<string, float> $table
     *
     * @return array<string, float> without what multiplies, and without what is no cause of its own
     */
    private static function causes(array $table): array
    {
        return array_diff_key($table, array_flip(array_column(Factor::cases(), 'value')), [self::RECORDED => true]);
    }

    public function ofNoFault(Explains $cause): float
    {
        return $this->table[$cause->value];
    }

    public function ofRecorded(): float
    {
        return $this->table[self::RECORDED];
    }

    public function factor(Factor $factor): float
    {
        return $this->times($factor->value);
    }

    public function of(Fault $fault, House $house, ?Symptom $symptom = null): float
    {
        return ($this->table[self::line($fault::name(), $fault->at->kind())] ?? self::ELSEWHERE) * $this->product(
            $this->factors($fault, $house, $symptom),
        );
    }

    /** @param list<Factor> $factors */
    public function product(array $factors): float
    {
        return array_product(array_map($this->factor(...), $factors));
    }

    /** @return list<Factor> what makes a fault likelier here, or less likely, by what is recorded and what was told */
    public function factors(Fault $fault, House $house, ?Symptom $symptom = null): array
    {
        $isTold = fn(Question $question, Answer $answer = Answer::Yes): bool => $symptom?->isAnswered($question, $answer) ?? false;
        $box = $fault->box($house);
        $isDamp = $box !== null && $fault->comesOfWater() && $box->exposure() !== Exposure::Dry;
        $device = $fault->wear() !== null && $fault->at->point !== null ? $house->point($fault->at->point) : null;
        $work = $box !== null && $fault->isHandwork() ? $box->workmanship ?? Workmanship::Unknown : null;
        $is = [
            [Factor::DampOrWet, $isDamp && $fault->at->point !== null],
            [Factor::WasWet, $isDamp && ($symptom?->when === SymptomWhen::Wet || $isTold(Question::Water))],
            [Factor::Disturbed, $work === Workmanship::Disturbed || ($work === Workmanship::Unknown && $isTold(Question::Worker))],
            [Factor::Original, $work === Workmanship::Original],
            [Factor::NoSelfTest, $device?->selfTest === false],
            [Factor::OverTenYears, $device !== null && ($this->isOld($device) ?? $isTold(Question::Age, Answer::OverTen))],
            [Factor::WasRunning, in_array($fault->at->ofAppliance(), $symptom->running ?? [], true)],
            [Factor::Tingle, $isTold(Question::Tingle) && $fault->mayBeFelt()],
            [Factor::SeenBefore, $this->wasHere($fault, $house)],
            [Factor::SeenInHouse, ! $this->wasHere($fault, $house) && self::wasInHouse($fault, $house)],
        ];

        return array_column(array_filter($is, fn(array $one): bool => $one[1]), 0);
    }

    /** @return bool|null null where its age is not recorded */
    private function isOld(Point $device): ?bool
    {
        $made = DeviceAge::of($device)?->to;

        return $made === null || $this->today === null ? null : (int) substr($this->today, 0, 4) - (int) substr($made, 0, 4) > 10;
    }

    /** Whether a call in this house came to the same, be it at another place. */
    private static function wasInHouse(Fault $fault, House $house): bool
    {
        $line = self::line($fault::name(), $fault->at->kind());

        return array_filter($house->entries->all(ClosedCall::class), fn(ClosedCall $call): bool => $call->line === $line) !== [];
    }

    /** Whether something went wrong at the place before, as the records of the house have it. */
    private function wasHere(Fault $fault, House $house): bool
    {
        foreach ($house->entries->all(DeviceEvent::class) as $event) {
            if (! in_array($event->event, [DeviceEventKind::Tripped, DeviceEventKind::Failed], true)) {
                continue;
            }
            $both = [
                [$fault->at->point, $event->point], [$fault->at->circuit, $event->circuit],
                [$fault->at->cable, $event->cable], [$fault->at->ofAppliance(), $event->appliance],
            ];
            foreach ($both as [$is, $was]) {
                if ($is !== null && $is === $was) {
                    return true;
                }
            }
        }

        return false;
    }
}

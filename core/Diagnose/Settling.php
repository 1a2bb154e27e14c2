<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Rank;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Network\Wear;

/**
 * When the likeliest cause is the answer, and what must have been seen before, however likely it is: a device has failed only where LINE
 * was live and LOAD was off, it has gone weak only where something was measured, and one that was found tripped explains a dead outlet
 * only once that outlet is seen live.
 */
final readonly class Settling
{
    /** From here on one cause, with what no reading could tell from it, is the answer. */
    public const SURE = 0.95;

    /** Times by which what was read must have made the answer likelier, as odds: what is only likely before is not sure. */
    private const TESTED = 3.0;

    /** How likely the first cause is, with what no reading could tell from it, and with what is only a reason for it. */
    public float $sure;

    /** @var list<non-empty-list<Action>> what has to be seen yet of the first cause */
    private array $wants;

    /** @var array<float> how likely it is that one repair puts right what it is, by the repair */
    private array $covers;

    /**
     * @param non-empty-list<Cause> $causes likeliest first
     * @param float $before what all causes together weighed before anything was read
     */
    public function __construct(
        private Pricing $pricing,
        private Symptom $symptom,
        private TestsDone $done,
        private array $causes,
        private float $before,
    ) {
        $this->sure = array_sum(array_map(fn(Cause $one): float => $one->probability, $this->oneAnswer()));
        $this->wants = $this->wantsOf($causes[0]->hypothesis);
        $covers = [];
        foreach ($causes as $cause) {
            $repair = $this->repairOf($cause);
            $covers[$repair] = ($covers[$repair] ?? 0.0) + $cause->probability;
        }
        $this->covers = $covers;
    }

    /** One cause with what no reading could tell from it, told by something that was read, and all seen that must be. */
    public function isTold(): bool
    {
        $before = array_sum(array_map(fn(Cause $one): float => $one->before, $this->oneAnswer())) / max(1e-12, $this->before);

        return $this->isLikely() && self::odds($this->sure) >= self::TESTED * self::odds($before);
    }

    /**
     * Where nothing more is worth doing: what is that likely is the answer. A call about a dead outlet that is live again is answered once
     * that a device had tripped is likelier than all together that would show again.
     */
    public function isLikely(): bool
    {
        return $this->isSeen() && ($this->isLiveAgain() ? $this->causes[0]->probability >= 1.0 - $this->sure : $this->sure >= self::SURE);
    }

    /** Whether a dead outlet is live by a device that was closed: found tripped, no more. */
    private function isLiveAgain(): bool
    {
        return $this->causes[0]->hypothesis->explains === Explains::UpstreamTripped
            && $this->symptom->kind === SymptomKind::Dead
            && $this->done->isSeenLive($this->symptom->at);
    }

    /** Or what that likely needs the same repair. */
    public function isMendedByOneRepair(): bool
    {
        return $this->isSeen() && $this->covers[$this->repairOf($this->causes[0])] >= self::SURE;
    }

    /**
     * What is missing, once the cause is that likely, cheapest first; an outlet that was complained of is looked at as soon as a device
     * holds again.
     *
     * @return list<Proposal>
     */
    public function missing(): array
    {
        $isFirst = $this->causes[0]->hypothesis->explains === Explains::UpstreamTripped && $this->done->isClosedLast();
        if ($this->sure < self::SURE && ! $isFirst) {
            return [];
        }
        $priced = array_values(array_filter(array_map($this->pricing->priced(...), $this->wants)));
        usort($priced, fn(Proposal $one, Proposal $other): int => Rank::higher($other->price, $one->price, $one->text, $other->text));

        return $priced;
    }

    /** @return array{Cause, float} the cause whose repair most likely puts right what it is, and how likely */
    public function covering(): array
    {
        $best = $this->causes[0];
        foreach ($this->causes as $cause) {
            $best = $this->covers[$this->repairOf($cause)] > $this->covers[$this->repairOf($best)] ? $cause : $best;
        }

        return [$best, $this->covers[$this->repairOf($best)]];
    }

    /** Whether it is a cause at all, and all seen of it that must be. */
    private function isSeen(): bool
    {
        return $this->causes[0]->hypothesis->explains !== Explains::Unknown && $this->wants === [];
    }

    /**
     * @return list<Cause> the first, and what no reading could tell from it. What may have made a device trip, and has gone, is no other
     *     answer to why an outlet was dead but a reason: a question of its own, that needs no box opened today.
     */
    private function oneAnswer(): array
    {
        $top = $this->causes[0];
        $isLiveAgain = $this->isLiveAgain();

        return array_values(array_filter(
            $this->causes,
            fn(Cause $one): bool => $one === $top
                || in_array($one->hypothesis->id, $top->sameAs, true)
                || ($isLiveAgain && $one->hypothesis->comesAndGoes && ! $one->hypothesis->tripsNothing()),
        ));
    }

    private function repairOf(Cause $cause): string
    {
        return $cause->hypothesis->mendedAt($this->pricing->now->house);
    }

    private static function odds(float $probability): float
    {
        return $probability / max(1e-12, 1.0 - $probability);
    }

    /** @return list<non-empty-list<Action>> what shows it, or what is missing of it; nothing where it is shown */
    private function wantsOf(Hypothesis $cause): array
    {
        $fault = $cause->fault();
        $wear = $fault?->wear();
        $device = $fault?->at->device() ?? '';

        return match (true) {
            $cause->explains === Explains::UpstreamTripped => $this->lookAtOutlet(),
            $cause->explains === Explains::NoFeed => $this->done->isSeenDead($cause->at->point ?? '') ? [] : [
                [$this->pricing->now->isLiveAt($cause->at->point ?? '')],
            ],
            $wear === Wear::Dead => $this->failed($device),
            $wear === Wear::Weak && ! $this->done->isMeasured($device) => $this->measure($device),
            default => [],
        };
    }

    /** @return list<non-empty-list<Action>> */
    private function lookAtOutlet(): array
    {
        $isSeen = ! $this->pricing->now->house->hasPoint($this->symptom->at)
            || ! in_array($this->symptom->kind, [SymptomKind::Dead, SymptomKind::ReadsWrong], true)
            || $this->done->isSeenLive($this->symptom->at);

        return $isSeen ? [] : [[$this->pricing->now->isLiveAt($this->symptom->at)]];
    }

    /** @return list<non-empty-list<Action>> */
    private function failed(string $device): array
    {
        if (! $this->done->lineSeenLive($device)) {
            return array_map(fn(Action $one): array => [$one], $this->pricing->now->readLine($device));
        }

        return $this->done->failedWithLoadOff($device) ? [] : [
            $this->pricing->now->closeAlone($device, $this->done->loadOnNow($device)),
        ];
    }

    /** @return list<non-empty-list<Action>> */
    private function measure(string $device): array
    {
        $now = $this->pricing->now;
        $feed = $now->house->hasPoint($device) ? $now->feeds->feed($now->house->point($device))->cable : null;

        return array_map(
            fn(Cable $cable): array => [$now->measure($cable)],
            [...$this->done->loadOf($device), ...($feed === null ? [] : [$feed])],
        );
    }
}

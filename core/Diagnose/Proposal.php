<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Rank;

/** Something worth doing next: what has to be done first, what is then read, and what it may show. */
final class Proposal
{
    /** Expected gain of knowledge about the cause. */
    public float $gainBits = 0.0;

    /** What it tells apart. */
    public Splits $splits = Splits::Missing;

    /** What is done, as one text. */
    public readonly string $text;

    /** @var list<ProposedOutcome> of the last action, likeliest first */
    public array $outcomes = [];

    /**
     * @param non-empty-list<Action> $actions the last one is read
     * @param non-empty-list<float> $minutes of each, with opening its box where that is needed
     * @param float $price the minutes it is weighed by: more where parts are live, or where it takes days
     * @param float $entering how much of it is for getting into boxes, and for making them up
     * @param list<bool> $needsOpen whether each needs a box that has not been opened yet
     * @param string|null $box point whose box hands go into, where it has to be proved dead first
     */
    public function __construct(
        public readonly array $actions,
        public readonly array $minutes,
        public readonly float $price,
        public readonly float $entering,
        public readonly bool $isLive,
        public readonly array $needsOpen,
        public readonly ?string $box = null,
    ) {
        $this->text = implode(', ', array_map(fn(Action $action): string => $action->text(), $actions));
    }

    /** Which goes first of two that tell as much a minute: the cheaper, and then by what is done. */
    public static function inOrder(self $one, self $other, float $gain, float $otherGain): int
    {
        return Rank::higher($gain, $otherGain, [$one->price, $one->text], [$other->price, $other->text]);
    }

    public function first(): Action
    {
        return $this->actions[0];
    }

    public function last(): Action
    {
        return $this->actions[count($this->actions) - 1];
    }

    /** @return list<string> boxes that are opened for it, by point id */
    public function opens(House $house): array
    {
        return array_merge(...array_map(
            fn(Action $action, bool $opens): array => $opens ? $action->boxes($house) : [],
            $this->actions,
            $this->needsOpen,
        ));
    }

    /** The box that is looked into and no more, by point id; null where something else is done. */
    public function looksInto(): ?string
    {
        $look = $this->first();
        $isLook = count($this->actions) === 1 && $look->isInTheBox() && $look->onlyShows() && $look->isDoneOnce() && ! $look->wantsPower();

        return $isLook ? $look->at->point : null;
    }

    public function allMinutes(): float
    {
        return array_sum($this->minutes);
    }

    public function bitsAMinute(): float
    {
        return $this->gainBits / $this->price;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\Practice\Deeds\Act;
use Bouclier\Core\Practice\Deeds\CapPairs;
use Bouclier\Core\Practice\Deeds\MakeUp;
use Bouclier\Core\Practice\Deeds\OpenUp;
use Bouclier\Core\Practice\Deeds\ReadDead;

/**
 * Carries out what is proposed as somebody careful does: breaker off, proved, opened; made up before power comes on. So a road of proposals
 * costs what it costs a learner who does all that by hand.
 */
final readonly class CarefulHands
{
    public function __construct(private Visit $visit)
    {
    }

    /** @param non-empty-list<Action> $actions the last one is read */
    public function do(array $actions): void
    {
        foreach ($actions as $action) {
            $this->prepare($action);
            $this->act($action);
        }
        $last = $actions[count($actions) - 1];
        if ($last->energises() && $last->isInTheBox()) {
            // What it does shows when power is on again: what opens, and what is dead then.
            $this->power(array_merge(...array_map($this->visit->breakers(...), $this->visit->boxesOf($last))));
            $this->act(Kinds::said(['do' => 'walk']));
        }
    }

    private function prepare(Action $action): void
    {
        $boxes = $this->visit->boxesOf($action);
        if ($boxes !== [] && ! $action->isLive()) {
            array_map($this->getInto(...), $boxes);

            return;
        }
        if ($boxes !== []) {
            foreach ($boxes as $box) {
                if ($this->visit->boxAt($box) !== BoxState::Capped) {
                    $this->getInto($box);
                    $this->visit->do(new CapPairs($box));
                }
            }
            $this->power(array_merge(...array_map($this->visit->breakers(...), $boxes)));

            return;
        }
        $turned = $action->turns();
        if ($turned !== null ? $turned[1] : ($action->wantsPower() || $action->energises() || $action->closes() !== null)) {
            $this->power($this->circuitsOf($action), but: $turned[0] ?? null);
        }
    }

    /** Breakers off, proved, and the box open. */
    private function getInto(string $box): void
    {
        foreach ($this->visit->notOff($box) as $circuit) {
            $this->act(Kinds::said(['do' => 'breaker', 'circuit' => $circuit, 'on' => false]));
        }
        $proof = $this->visit->proofAt($box);
        if ($proof === null || ! $proof->tried) {
            $this->visit->do(new ReadDead($box));
        }
        if (! $this->visit->isOpen($box)) {
            $this->visit->do(new OpenUp($box));
        }
    }

    /**
     * Boxes of these circuits made up but for those that are capped to be read, and the breakers on.
     *
     * @param list<string> $circuits
     * @param string|null $but one that is turned by what is done itself
     */
    private function power(array $circuits, ?string $but = null): void
    {
        foreach ($this->visit->opened() as $box) {
            $isOnIt = $circuits === [] || array_intersect($this->visit->breakers($box), $circuits) !== [];
            if ($isOnIt && $this->visit->boxAt($box) !== BoxState::Capped) {
                $this->getInto($box);
                $this->visit->do(new MakeUp($box));
            }
        }
        foreach (array_unique($circuits) as $circuit) {
            if ($circuit !== $but && ($this->visit->simulation->condition->off[$circuit] ?? false)) {
                $this->act(Kinds::said(['do' => 'breaker', 'circuit' => $circuit, 'on' => true]));
            }
        }
    }

    /** @return list<string> breakers that feed where an action is done; none where it is in the house as a whole */
    private function circuitsOf(Action $action): array
    {
        $point = $action->at->point
            ?? $this->visit->case->asItIs->findCable($action->at->cable)->to->point
            ?? $this->visit->simulation->condition->plugged[$action->at->appliance ?? '']
            ?? $this->visit->case->asItIs->findAppliance($action->at->appliance)->at
            ?? null;

        return match (true) {
            $action->at->circuit !== null => [$action->at->circuit],
            $point !== null => $this->visit->breakers($point),
            default => [],
        };
    }

    private function act(Action $action): void
    {
        $this->visit->do(new Act($action));
    }
}

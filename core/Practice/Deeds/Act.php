<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** An action of the model, done by itself: what has to be done before it are deeds of their own. */
final readonly class Act extends Deed
{
    public function __construct(private Action $action)
    {
    }

    public function said(): array
    {
        return $this->action->said();
    }

    public function action(): Action
    {
        return $this->action;
    }

    public function done(Places $places): string
    {
        return $this->action->done($places);
    }

    public function minutes(Visit $visit): float
    {
        return $this->action->minutesAtOpenBox() ?? $this->action->minutesIn($visit->case->asItIs);
    }

    public function boxes(Visit $visit): array
    {
        return $visit->boxesOf($this->action);
    }

    public function touches(): bool
    {
        return $this->action->isInTheBox() && ! $this->action->isLive();
    }

    public function carryOut(Visit $visit): string
    {
        $boxes = $this->boxes($visit);
        foreach ($boxes as $box) {
            if (! $visit->isOpen($box)) {
                throw new NotPossible("The box of {$visit->places->point($box)} is not open.");
            }
        }
        $reading = $visit->simulation->act($this->action);
        $visit->note($this->action, $reading);
        $left = $this->action->leavesBoxes($visit->case->asItIs);
        foreach ($this->touches() ? $boxes : [] as $box) {
            // What is made up within an action of a call is made up by a deed of its own here.
            $isAsItWas = ($left[$box] ?? null) === BoxState::Opened;
            $visit->leaves($box, $isAsItWas ? $visit->boxAt($box) : BoxState::Apart);
        }

        return $this->action->spoken($visit->places, $reading);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;
use Bouclier\Core\Live\PowerOn;

/** Open boxes that power comes to in a test: what forbids that it is offered, and what makes it live work, whatever kind of test it is. */
final readonly class BoxesPowered
{
    public function __construct(private House $house, private LiveState $live)
    {
    }

    /** The box that forbids that a test is offered: power would come to its bare ends. */
    public function barredBy(Proposal $proposal): ?OpenedBox
    {
        foreach ($proposal->actions as $action) {
            $box = $this->by($action, OpenBoxes::in($this->house))->barredBy();
            if ($box !== null) {
                return $box;
            }
        }

        return null;
    }

    /** Whether power comes to a box that stays open all through the test, every conductor capped. */
    public function staysOpen(Proposal $proposal): bool
    {
        $boxes = array_merge(
            [],
            ...array_map(fn(Action $action): array => $this->by($action, OpenBoxes::in($this->house))->boxes, $proposal->actions),
        );

        return array_filter($boxes, fn(OpenedBox $box): bool => $box->state === BoxState::Capped) !== [];
    }

    /**
     * Boxes that power comes to with an action, its own left out: what is done there ends with it folded in, or is live work that says so.
     *
     * @param array<OpenedBox> $open by point id
     */
    public function by(Action $action, array $open): PowerOn
    {
        $circuits = match (true) {
            ! $action->energises() => [],
            $action->at->circuit !== null => [$this->house->circuit($action->at->circuit)],
            $action->at->point !== null => $this->live->breakersOf($this->house->point($action->at->point)),
            default => [],
        };

        return PowerOn::to(
            $this->house,
            $this->live,
            $circuits,
            $circuits === [] ? [] : array_diff_key($open, $action->leavesBoxes($this->house)),
        );
    }
}

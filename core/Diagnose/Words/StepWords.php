<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;

/** How a test is done, step by step, why it is worth it, and, where parts are live, why it cannot be done dead. */
final readonly class StepWords
{
    private const GLOVES = 'Rated gloves and safety glasses on, insulated tools, one hand: thin work gloves are no '
        . 'protection.';

    public function __construct(private Places $places, private BoxesPowered $powered)
    {
    }

    /** All of it, in its order: two tests that differ read differently. */
    public function title(Proposal $proposal): string
    {
        return ucfirst(implode(', ', array_map($this->done(...), $proposal->actions)));
    }

    /** @return list<string> */
    public function steps(Proposal $proposal): array
    {
        return array_merge(...$this->stepsByAction($proposal));
    }

    /**
     * The steps of each action, and between them the boxes that have to be made up before power comes on.
     *
     * @return list<list<string>>
     */
    private function stepsByAction(Proposal $proposal): array
    {
        $open = OpenBoxes::in($this->places->house);
        $all = [];
        foreach ($proposal->actions as $number => $action) {
            $first = [];
            foreach ($this->powered->by($action, $open)->boxes as $box) {
                if ($box->state === BoxState::Capped) {
                    $first[] = "{$box->spoken()}.";
                    continue;
                }
                $first[] = "Make up the box of {$box->point->code} first: every conductor landed or capped, folded in.";
                unset($open[$box->point->id]);
            }
            foreach ($action->leavesBoxes($this->places->house) as $point => $state) {
                $open[$point] = new OpenedBox($this->places->house->point((string) $point), $state, null, null);
            }
            $open = array_filter($open, fn(OpenedBox $box): bool => $box->state->isOpen());
            $all[] = [...$first, ...$action->steps($this->places, $proposal->needsOpen[$number] ?? false)];
        }

        return $all;
    }

    public function done(Action $action): string
    {
        return lcfirst($action->done($this->places));
    }

    /** The number of the last step that is said of one of its actions. */
    public function numberOf(Proposal $proposal, int $action): int
    {
        return count(array_merge(...array_slice($this->stepsByAction($proposal), 0, $action + 1)));
    }

    /** Why this, and not what comes to mind first; empty where that needs no saying. */
    public function why(Proposal $proposal): string
    {
        return $proposal->last()->why($this->places, array_slice($proposal->actions, 0, -1));
    }

    /** Why it cannot be done dead, and what to wear; null where nothing is live. */
    public function live(Proposal $proposal): ?string
    {
        if (! $proposal->isLive) {
            return $this->powered->staysOpen($proposal)
                ? 'Power comes to a box that is open: every conductor capped, nobody\'s hands in it. ' . self::GLOVES
                    . ' Then off, and proved dead again.'
                : null;
        }

        return "{$proposal->last()->liveBecause()} " . self::GLOVES . ' Then off, and proved dead again.';
    }
}

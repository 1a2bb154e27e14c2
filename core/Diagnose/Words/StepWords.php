<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Live\BoxState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;

/** How a test is done, step by step, why it is worth it, and, where parts are live, why it cannot be done dead. */
final readonly class StepWords
{
    private const GLOVES = 'Rated gloves and safety glasses on, insulated tools, one hand.';

    public function __construct(private Places $places, private TestWords $tests, private BoxesPowered $powered)
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
            foreach (OpenBoxes::leftBy($this->places->house, $action) as $point => $state) {
                $open[$point] = new OpenedBox($this->places->house->point((string) $point), $state, null, null);
            }
            $open = array_filter($open, fn(OpenedBox $box): bool => $box->state->isOpen());
            $all[] = [...$first, ...$this->of($action, $proposal->needsOpen[$number] ?? false)];
        }

        return $all;
    }

    public function done(Action $action): string
    {
        return lcfirst($this->tests->done($action));
    }

    /** The number of the last step that is said of one of its actions. */
    public function numberOf(Proposal $proposal, int $action): int
    {
        return count(array_merge(...array_slice($this->stepsByAction($proposal), 0, $action + 1)));
    }

    /** Why this, and not what comes to mind first; empty where that needs no saying. */
    public function why(Proposal $proposal): string
    {
        $last = $proposal->last();

        return match ($last->kind) {
            ActionKind::Move => $this->moved($last),
            ActionKind::SwapDevice => 'Changing it costs a device: worth it now, because most of what else it could be is ruled out.',
            ActionKind::Trial => 'It cannot be made to happen now. Each day of use tells something, if the rule is set before.',
            ActionKind::TesterButton => 'The button needs a ground to leak into. Where there is none it proves nothing: press the device\'s own TEST.',
            ActionKind::Insulation => 'A cable by itself, both ends lifted: it is sound, or it is not.',
            ActionKind::Reset => match (true) {
                $proposal->actions[0]->kind === ActionKind::Move => $this->moved($proposal->actions[0]),
                count($proposal->actions) > 1 => 'If it holds now, what was taken off is where to look.',
                default => 'Whether it holds says more than anything that can be seen.',
            },
            ActionKind::Clamp => 'Hot and neutral together: what does not come back shows.',
            ActionKind::Wiggle => 'What comes and goes often shows itself when it is moved.',
            default => '',
        };
    }

    private function moved(Action $move): string
    {
        $to = $move->to ?? '';
        $feeds = new FeedMap($this->places->house);
        $circuit = fn(?string $point): ?string => $point !== null && $this->places->house->hasPoint($point) ? $feeds->feed($this->places->house->point($point))->circuit?->id : null;

        return $this->places->point($to) . ($circuit($to) === $circuit($this->places->outletOf($move->at->appliance ?? ''))
            ? ' is on the same device: what trips with the appliance goes along, what trips with the outlet stays.'
            : ' is on another device; a neighbour on the same one would prove nothing.');
    }

    /** Why it cannot be done dead, and what to wear; null where nothing is live. */
    public function live(Proposal $proposal): ?string
    {
        if (! $proposal->isLive) {
            return $this->powered->staysOpen($proposal) ? 'Power comes to a box that is open: every conductor capped, nobody\'s hands in it. ' . self::GLOVES . ' Then off, and proved dead again.' : null;
        }

        return match ($proposal->last()->kind) {
            ActionKind::Clamp => 'A current flows only with the power on. Jaws round the whole cable where the jacket allows it; no bare conductor is touched. ',
            default => 'A voltage is there only with the power on. Every conductor capped or in a connector, read at test ports. ',
        } . self::GLOVES . ' Then off, and proved dead again.';
    }

    /** @return list<string> */
    private function of(Action $action, bool $opens): array
    {
        $at = $this->places->spot($action->at);
        $box = $action->at->cable === null ? $at : ($action->at->atFrom ? $this->places->start($action->at->cable) : $this->places->end($action->at->cable));
        $dead = $opens ? ['Breaker off, then prove it dead here.', "Take the plate off and draw the device out at $at: prove every pair dead."] : ['Breaker off, proved dead here.'];

        return match ($action->kind) {
            ActionKind::Inspect => $action->at->appliance !== null ? ["Look over $at: cord, plug, water, scorch marks."] : [...$dead, 'Look: wet, nicked, scorched, loose, a ground on a neutral.'],
            ActionKind::Tighten => [...$dead, 'A screwdriver on every screw: note whether one moved.'],
            ActionKind::Lift => [
                ...$dead,
                $action->on ? "Put the pair to {$this->places->end($action->pair ?? '')} back where it was." : "Lift hot and neutral to {$this->places->end($action->pair ?? '')} together and cap both. The ground stays.",
                'Fold it in, breaker on. Note what is dead now.',
            ],
            ActionKind::Insulation => ['Breaker off and proved dead at both ends.', "Lift both ends of $at.", 'Insulation tester: hot to ground, then neutral to ground.'],
            ActionKind::SwapDevice => ['Breaker off, then prove it dead here.', "Photograph how it is wired, put a known good device in at $at, each pair where it was.", 'Breaker on, reset it.'],
            ActionKind::Clamp => [...($opens ? ["Breaker off, prove it dead, open the box of $box, then on again."] : []), "Clamp round hot and neutral of $at together."],
            ActionKind::Volts => [...($opens ? ["Breaker off, prove it dead, open the box of $box, every conductor capped, then on again."] : []), "{$this->tests->done($action)}: note the volts."],
            ActionKind::Trial => ["Leave it in use for {$action->days} days.", 'The householder notes each trip on the page, and resets.'],
            ActionKind::Walk => ['Walk round with a lamp or tester and note what is dead.'],
            ActionKind::TesterButton => [$this->tests->done($action) . ', and note which device answers.'],
            ActionKind::Indicator => [$action->at->circuit !== null ? "Look at $at: is its handle on, in the middle or off?" : "Look at the light of $at; what it means is its maker's."],
            default => [$this->tests->done($action) . '.'],
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Relief;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Tripping;

/** What a cause is called, how it is put right, what shows that it is gone, and how a householder is told. */
final readonly class CauseWords
{
    public function __construct(private Places $places)
    {
    }

    public function name(Hypothesis $cause): string
    {
        if (! $cause->explains->isFault()) {
            return match ($cause->explains) {
                Explains::SharedNeutral => 'One-pole protection on a neutral shared with another circuit: '
                    . $this->places->spot($cause->at),
                Explains::HonestSum => 'Honest leakages add up, nothing is faulty',
                Explains::LongCable => 'So much cable that it leaks by itself',
                Explains::Overload => 'Overload, nothing wrong with the wiring',
                Explains::NoFeed => 'Nothing feeds it',
                Explains::UpstreamTripped => ucfirst($this->places->spot($cause->at)) . ' is tripped or off, nothing else',
                default => 'Something not on this list',
            };
        }
        $names = array_map(fn(Fault $fault): string => $fault->spoken($this->places), $cause->variants[0]);

        return ucfirst(implode(', and ', $names)) . ($cause->comesAndGoes ? ', now and then' : '');
    }

    /** @return list<string> step by step, dead where it can be */
    public function repair(Hypothesis $cause): array
    {
        if (! $cause->explains->isFault()) {
            return match ($cause->explains) {
                Explains::SharedNeutral => [
                    'One two-pole protective breaker on both halves, the shared neutral on it; or a plain breaker on each, tied, and '
                        . 'devices '
                        . 'beyond the split.',
                    'Until then it opens whenever the other half carries a load: that is no fault of what is plugged in.',
                ],
                Explains::HonestSum => [
                    'Clamp what each appliance leaks; the budget under Measure adds them up.',
                    'Move one or two to another device, or give part of the outlets a device of their own.',
                ],
                Explains::LongCable => ['Put the device nearer to what it protects, or split the run between two devices.'],
                Explains::Overload => ['Add up what runs at once, and move the largest load to another circuit, or run one for it.'],
                Explains::UpstreamTripped => [
                    'Reset it, and see that the outlet is live.',
                    'Why it tripped is not known by that: ask what ran and whether it was wet, look at what hangs on it, and leave a trial '
                        . 'with the householder.',
                ],
                Explains::NoFeed => ['Trace where its feed should come from before anything is connected.'],
                default => ['Note what was seen and ask somebody else to look at it.'],
            };
        }

        return array_merge(...array_map(
            fn(Fault $fault): array => $this->replacement($fault)?->steps($this->places) ?? $fault->repair($this->places),
            $cause->variants[0],
        ));
    }

    /** What to move where, and the margin that leaves. */
    public function relief(Relief $relief): string
    {
        $moves = array_map(
            fn(array $move): string => "{$this->places->appliance($move[0]->id)} to {$this->places->point($move[1]->id)}",
            $relief->moves,
        );

        return sprintf(
            'Move %s: %s then sees %.1f mA, %.1f below where it may trip; with all where it is it sees %.1f.',
            implode(', ', $moves),
            $this->places->device($relief->device),
            $relief->afterMa,
            max(0.0, Tripping::HOLDS_MA - $relief->afterMa),
            $relief->beforeMa,
        );
    }

    /** What goes in for a device that is worn itself. */
    private function replacement(Fault $fault): ?Replacement
    {
        return $fault->wear() === null || $fault->at->point === null
            ? null
            : Replacement::of($this->places->house, $this->places->house->point($fault->at->point));
    }

    /** @return list<string> checks that show that it is gone */
    public function proof(Hypothesis $cause): array
    {
        $fault = $cause->explains->isFault() ? $cause->variants[0][0] ?? null : null;
        if ($fault?->lacksGround($this->places) === true) {
            return [$fault->proof($this->places)];
        }
        $without = $cause->explains === Explains::Overload
            ? 'All that runs at once stays under the rating.'
            : 'Everything plugged in and running: it holds.';

        return [
            $fault === null ? $without : $this->replacement($fault)?->proof() ?? $fault->proof($this->places),
            ...($cause->comesAndGoes ? ['A week of use without a trip, logged on the householder\'s page.'] : []),
            'TEST: the device trips, everything beyond it is dead. Reset: all back.',
        ];
    }

    /** To the householder, in plain words: it asks nobody to open anything. */
    public function letter(Hypothesis $cause): string
    {
        $fault = $cause->explains->isFault() ? $cause->variants[0][0] ?? null : null;

        return $fault !== null ? $fault->letter($this->places) : match ($cause->explains) {
            Explains::SharedNeutral => 'Two circuits share one wire back to the panel, and the protection of one is of a kind that cannot '
                . 'tell the current of the other from a fault. It switches off whenever the other is used. One double protective breaker '
                . 'for both cures it.',
            Explains::HonestSum => 'Nothing is broken. Many appliances leak a very little current by their nature, and here they add '
                . 'up to what makes the protection '
                . 'switch off. Fewer on one circuit cures it.',
            Explains::LongCable => 'Nothing is broken. So much cable hangs behind one protective device that it switches off by '
                . 'itself. Splitting it cures it.',
            Explains::Overload => 'Nothing is broken. More was running at once than this circuit can carry, and the breaker did what '
                . 'it is there for.',
            Explains::NoFeed => 'No wire feeds this outlet, or none that was found. Nothing you plug in is the reason.',
            Explains::UpstreamTripped => 'The protection had switched off and was switched on again. Why it did is not known yet. If it '
                . 'happens once more, note what was running, and call.',
            default => 'The cause has not been found yet. Note what was running whenever it happens, and call.',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;

/** What has to be put right for a cause, what shows that it is gone, and how a householder is told. */
final readonly class RepairWords
{
    public function __construct(private Places $places)
    {
    }

    /** @return list<string> step by step, dead where it can be */
    public function repair(Hypothesis $cause): array
    {
        if ($cause->explains !== Explains::Fault) {
            return match ($cause->explains) {
                Explains::HonestSum => ['Clamp what each appliance leaks; the budget under Measure adds them up.', 'Move one or two to another device, or give part of the outlets a device of their own.'],
                Explains::LongCable => ['Put the device nearer to what it protects, or split the run between two devices.'],
                Explains::Overload => ['Add up what runs at once, and move the largest load to another circuit, or run one for it.'],
                Explains::UpstreamTripped => ['Reset it, and note whether it trips again.'],
                Explains::NoFeed => ['Trace where its feed should come from before anything is connected.'],
                default => ['Note what was seen and ask somebody else to look at it.'],
            };
        }

        return array_merge(...array_map($this->ofFault(...), $cause->variants[0]));
    }

    /** @return list<string> checks that show that it is gone */
    public function proof(Hypothesis $cause): array
    {
        $fault = $cause->variants[0][0] ?? null;
        if ($fault !== null && $this->lacksGround($fault)) {
            return ['TEST of the device that protects it: it is dead. The tester\'s button proves nothing where there is no ground.'];
        }
        $round = 'TEST: the device trips, everything beyond it is dead. Reset: all back.';
        $first = match ($fault?->kind) {
            FaultKind::Leak, FaultKind::Short => $fault->at->cable !== null ? 'Insulation of the new cable reads over range.' : 'Everything plugged back in and running: it holds.',
            FaultKind::NeutralGround => 'With the breaker off and appliances unplugged, neutral to ground reads open at the box; then it holds under load.',
            FaultKind::Open, FaultKind::HighResistance, FaultKind::Swap, FaultKind::SwapHotGround, FaultKind::Bootleg => 'Tester in both halves: "correct"; volts within 3 % of the panel under load.',
            FaultKind::ReversedLineLoad, FaultKind::Land => 'TEST darkens the face and every outlet that is to be protected, and no other.',
            FaultKind::BorrowedNeutral => 'Run what is plugged in there: neither device trips, and the clamp round each cable reads near zero.',
            FaultKind::DeadDevice, FaultKind::WeakDevice, FaultKind::StuckDevice => 'Tester\'s button: the new device trips in its time.',
            FaultKind::SeriesArc, FaultKind::ParallelArc => 'Run the largest load there for ten minutes: it holds, and nothing gets warm.',
            default => $cause->explains === Explains::Overload ? 'All that runs at once stays under the rating.' : 'Everything plugged in and running: it holds.',
        };

        return [$first, ...($cause->comesAndGoes ? ['A week of use without a trip, logged on the householder\'s page.'] : []), $round];
    }

    /** To the householder, in plain words: it asks nobody to open anything. */
    public function letter(Hypothesis $cause): string
    {
        $fault = $cause->variants[0][0] ?? null;
        $name = fn(Fault $fault): string => $fault->at->appliance !== null || $fault->at->cord !== null ? 'the ' . $this->places->appliance($fault->at->appliance ?? $fault->at->cord ?? '') : 'the outlet';

        return match (true) {
            $fault === null => match ($cause->explains) {
                Explains::HonestSum => 'Nothing is broken. Many appliances leak a very little current by their nature, and here they add up to what makes the protection switch off. Fewer on one circuit cures it.',
                Explains::LongCable => 'Nothing is broken. So much cable hangs behind one protective device that it switches off by itself. Splitting it cures it.',
                Explains::Overload => 'Nothing is broken. More was running at once than this circuit can carry, and the breaker did what it is there for.',
                default => 'The protection had switched off and was switched on again. If it happens once more, note what was running, and call.',
            },
            $fault->at->cord !== null => "The extension cord of {$name($fault)} lets current escape. Do not use it any more; the appliance itself is sound.",
            $fault->at->appliance !== null => ucfirst("{$name($fault)} lets current escape to its frame. The protection did its job. Do not use it until it has been repaired or replaced."),
            $fault->kind->isWear() => 'The protective device itself has worn out and is replaced. Press its TEST button once a month; it takes ten seconds.',
            default => 'The fault was in the wiring, not in anything you plug in. It is put right and tested. Press the TEST button of the device once a month.',
        };
    }

    private function lacksGround(Fault $fault): bool
    {
        return $fault->conductor === Conductor::Ground && $fault->at->cable !== null && $this->places->hasNoGround($fault->at->cable);
    }

    /** NEC 406.4(D)(2); the CEC has its own rule, which the authority is asked for. */
    private function withoutGround(): string
    {
        $edition = $this->places->house->code->edition;

        return 'protect by GFCI and label "No Equipment Ground"' . ($edition->isNec() ? ", 406.4(D)(2), {$edition->label()}." : ': ask the authority what the CEC wants there.');
    }

    /** @return list<string> */
    private function ofFault(Fault $fault): array
    {
        $at = $this->places->spot($fault->at);
        $start = $fault->at->cable === null ? $at : $this->places->start($fault->at->cable);
        $end = $fault->at->cable === null ? $at : $this->places->end($fault->at->cable);
        $dead = fn(string $where): string => "Breaker off, prove every pair dead at $where.";

        return match ($fault->kind) {
            FaultKind::Leak, FaultKind::Short => match (true) {
                $fault->at->cord !== null => ['Throw the cord set away. Plug the appliance in by its own plug.'],
                $fault->at->appliance !== null => [ucfirst("$at out of use: repaired by its maker's service, or replaced.")],
                $fault->at->cable !== null => [$dead("$start and $end"), 'Replace the cable, or find the place and make two boxes of it.', 'Put the pairs back, each white with its own hot.'],
                default => [$dead($at), 'Dry it and find where the water comes in, or cut back to sound insulation.', 'Change the device if it was wet; cover and gasket that fit.'],
            },
            FaultKind::NeutralGround => $fault->at->cable !== null ? [$dead($end), 'Find where the bare ground or the box clamp bites into the white; cut back, or replace the cable.'] : [$dead($at), 'Fold the ground clear of the neutral terminal, or sleeve it. No white under a ground screw.'],
            FaultKind::Open => match (true) {
                $fault->at->cable === null => [$dead($at), 'New pigtail from the splice of the grounds to the green screw.'],
                $this->lacksGround($fault) => [$dead($end), 'Run a ground in, or ' . $this->withoutGround()],
                default => [$dead($start), "Remake the {$fault->conductor?->value} joint towards $end: connector or screw, not a push-in.", 'Pull test on it.'],
            },
            FaultKind::HighResistance => [$dead($start), "Cut back to bright copper and remake the {$fault->conductor?->value} joint towards $end.", 'A scorched device is replaced.'],
            FaultKind::Swap => [$dead($end), 'Hot to brass, neutral to silver.'],
            FaultKind::SwapHotGround => [$dead($end), 'Hot to brass, ground to green. Whatever was plugged in there is tested before use: its frame was live.'],
            FaultKind::ReversedLineLoad => [$dead($at), 'Feed on LINE, what goes on on LOAD: read the back of the device, not its top and bottom.'],
            FaultKind::Land => [$dead($fault->at->atFrom ? $start : $end), 'Hot and neutral of one cable on the same side: both on LOAD, or both on LINE.'],
            FaultKind::Bootleg => [$dead($at), 'Take the jumper from neutral to ground off.', 'Repair the ground, or ' . $this->withoutGround()],
            FaultKind::BorrowedNeutral => [$dead("$at and " . $this->places->point($fault->lender ?? '')), 'Each hot back with the neutral of its own cable.'],
            FaultKind::DeadDevice, FaultKind::WeakDevice, FaultKind::StuckDevice => [$fault->at->circuit !== null ? "A new breaker for $at, by a licensed hand: the panel's bus stays live." : $dead($at), 'A new device of the same kind and rating, LINE to LINE, LOAD to LOAD.'],
            FaultKind::SeriesArc => [$dead($end), 'Remake the joint on bright copper, to torque. A scorched device is replaced.'],
            FaultKind::ParallelArc => [$dead($end), 'Find the damage; cut back or replace the cable.'],
            FaultKind::Intermittent => [],
        };
    }
}

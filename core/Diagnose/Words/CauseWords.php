<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\House\Land;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;

/** What a cause is called. */
final readonly class CauseWords
{
    public function __construct(private Places $places)
    {
    }

    public function name(Hypothesis $cause): string
    {
        if ($cause->explains !== Explains::Fault) {
            return match ($cause->explains) {
                Explains::HonestSum => 'Honest leakages add up, nothing is faulty',
                Explains::LongCable => 'So much cable that it leaks by itself',
                Explains::Overload => 'Overload, nothing wrong with the wiring',
                Explains::NoFeed => 'Nothing feeds it',
                Explains::UpstreamTripped => ucfirst($this->places->spot($cause->at)) . ' is tripped or off, no more',
                default => 'Something not on this list',
            };
        }
        $names = array_map($this->fault(...), $cause->variants[0]);

        return ucfirst(implode(', and ', $names)) . ($cause->comesAndGoes ? ', now and then' : '');
    }

    private function fault(Fault $fault): string
    {
        $at = $this->places->spot($fault->at);
        $cable = $fault->at->cable;
        $conductor = $fault->conductor->value ?? '';
        $box = $cable === null ? $at : $this->places->end($cable);

        return match ($fault->kind) {
            FaultKind::Leak => match (true) {
                $fault->at->cord !== null => "the cord set of $at leaks to ground",
                $fault->at->appliance !== null => "$at leaks to ground",
                $cable !== null => "$at leaks to ground",
                default => "$at leaks to ground: wet, or nicked",
            },
            FaultKind::NeutralGround => $cable !== null ? "neutral touches ground in $at" : "neutral touches ground in the box of $at",
            FaultKind::Open => match (true) {
                $cable === null => "ground pigtail off at $at",
                $fault->conductor === Conductor::Ground && $this->places->hasNoGround($cable) => "no ground in $at",
                default => "$conductor open at {$this->places->start($cable)}, towards {$this->places->end($cable)}",
            },
            FaultKind::Short => "short in $at",
            FaultKind::HighResistance => $cable === null ? "poor joint at $at" : "poor $conductor joint at {$this->places->start($cable)}, towards {$this->places->end($cable)}",
            FaultKind::Swap => "hot and neutral swapped at $box",
            FaultKind::SwapHotGround => "hot and ground swapped at $box",
            FaultKind::ReversedLineLoad => "LINE and LOAD swapped at $at",
            FaultKind::Land => $this->splitPair($fault),
            FaultKind::Bootleg => "ground tied to neutral behind $at",
            FaultKind::BorrowedNeutral => "$at uses the neutral of " . $this->places->point($fault->lender ?? ''),
            FaultKind::DeadDevice => "$at has failed",
            FaultKind::WeakDevice => "$at has gone weak",
            FaultKind::StuckDevice => "$at does not trip any more",
            FaultKind::SeriesArc => $cable !== null ? "loose joint that arcs in $at" : "loose screw that arcs at $at",
            FaultKind::ParallelArc => $cable !== null ? "damaged insulation that arcs in $at" : "damaged insulation that arcs at $at",
            FaultKind::Intermittent => 'something that comes and goes',
        };
    }

    private function splitPair(Fault $fault): string
    {
        [$box, $towards] = [$this->places->start($fault->at->cable ?? ''), $this->places->end($fault->at->cable ?? '')];
        if (! $fault->at->atFrom) {
            [$box, $towards] = [$towards, $box];
        }
        $on = $fault->landing?->hot === Land::Load ? 'hot on LOAD, neutral on LINE' : 'hot on LINE, neutral on LOAD';

        return "pair towards $towards split at $box: $on";
    }
}

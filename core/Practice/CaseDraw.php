<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** What is hidden in a drawn house, by what the case is to be about: where, and how hard. */
final readonly class CaseDraw
{
    public function __construct(private DrawnHouse $house, private DrawnFrom $from)
    {
    }

    /**
     * As in `faults` of a house file.
     *
     * @return list<array<string, mixed>>|null null where this house has no place for it
     */
    public function hidden(CaseKind $kind): ?array
    {
        if ($kind->isNoFault()) {
            return [];
        }
        $fault = $this->fault($kind);

        return $fault === null ? null : [$fault];
    }

    /** @return list<string> devices that stand tripped when somebody comes */
    public function standsOpen(CaseKind $kind): array
    {
        return $kind === CaseKind::UpstreamTripped ? array_slice($this->house->devices, 0, 1) : [];
    }

    /** @return array<string, mixed>|null */
    private function fault(CaseKind $kind): ?array
    {
        $point = ['point' => $this->from->any($this->house->outlets())];
        $cable = ['cable' => Sketch::cable($this->from->any($this->house->outlets()))];
        $device = $this->device();
        $leak = (float) $this->from->whole(1500, 18000);
        $at = ['at' => $cable];

        return match ($kind) {
            CaseKind::LeakingAppliance => [
                'kind' => 'leak', 'at' => ['appliance' => $this->from->any($this->house->things())], 'ohms' => $leak,
            ],
            CaseKind::LeakingCord => $this->house->corded === []
                ? null
                : ['kind' => 'leak', 'at' => ['cord' => $this->from->any($this->house->corded)], 'ohms' => $leak],
            CaseKind::LeakInBox => ['kind' => 'leak', 'at' => $point, 'ohms' => $leak],
            CaseKind::LeakInCable => ['kind' => 'leak', ...$at, 'ohms' => $leak],
            CaseKind::NeutralGround => [
                'kind' => 'neutral_ground', 'at' => $this->from->any([$point, $cable]), 'ohms' => $this->from->whole(1, 30) / 10,
            ],
            CaseKind::Short => ['kind' => 'short', 'at' => $this->from->any([$point, $cable]), 'ohms' => $this->from->whole(5, 50) / 100],
            CaseKind::OpenHot => ['kind' => 'open', ...$at, 'conductor' => 'hot'],
            CaseKind::OpenNeutral => ['kind' => 'open', ...$at, 'conductor' => 'neutral'],
            CaseKind::OpenGround => ['kind' => 'open', ...$at, 'conductor' => 'ground'],
            CaseKind::HighResistance => [
                'kind' => 'high_resistance', ...$at, 'conductor' => $this->from->any(['hot', 'neutral']),
                'ohms' => $this->from->whole(20, 400) / 10,
            ],
            CaseKind::SwappedWires => ['kind' => $this->from->any(['swap', 'swap_hot_ground']), ...$at],
            CaseKind::ReversedLineLoad => isset($device['point']) ? ['kind' => 'reversed_line_load', 'at' => $device] : null,
            CaseKind::SplitPair => $this->house->leaving === [] ? null : [
                'kind' => 'land',
                'at' => ['cable' => $this->from->any($this->house->leaving), 'end' => 'from'],
                ...$this->from->any([['hot' => 'load', 'neutral' => 'line'], ['hot' => 'line', 'neutral' => 'load']]),
            ],
            CaseKind::Bootleg => ['kind' => 'bootleg', 'at' => $point],
            CaseKind::BorrowedNeutral => [
                'kind' => 'borrowed_neutral', 'at' => $point, 'lender' => ['point' => $this->from->any($this->house->beside())],
            ],
            CaseKind::DeadDevice => ['kind' => 'dead_device', 'at' => $device],
            CaseKind::StuckDevice => ['kind' => 'stuck_device', 'at' => $device],
            CaseKind::WeakDevice => ['kind' => 'weak_device', 'at' => $device, 'trip_ma' => $this->from->whole(3, 20) / 10],
            CaseKind::Arc => ['kind' => 'series_arc', 'at' => $this->from->any([$point, $cable])],
            CaseKind::ComesAndGoes => [
                'kind' => 'intermittent',
                'of' => [['kind' => 'leak', 'at' => $this->from->any([$point, $cable]), 'ohms' => (float) $this->from->whole(1500, 12000)]],
                'chance' => $this->from->whole(25, 70) / 100,
            ],
            default => null,
        };
    }

    /** @return array<string, string> the device that watches: at an outlet, else the breaker */
    private function device(): array
    {
        return $this->house->devices === [] ? ['circuit' => 'c1'] : ['point' => $this->house->devices[0]];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Network\Draws;

/**
 * What somebody who lives in a house would call about: found by doing what people do before they call, in the house as it is. It knows
 * nothing of what is hidden but what that does.
 */
final readonly class CalledAbout
{
    /** Days of living in it, for what comes and goes. */
    private const DAYS = 12;

    /** Minutes of running everything, for what is slow. */
    private const AN_HOUR = 60;

    /** A tester's lamps on an outlet that is as it should be. */
    private const CORRECT = [true, true, false];

    private House $house;

    public function __construct(private PracticeCase $case)
    {
        $this->house = $case->house;
    }

    /** Null where nobody would call. What the case is about only says which complaint goes before others. */
    public function complaint(): ?Complaint
    {
        return match ($this->case->kind) {
            CaseKind::StuckDevice, CaseKind::ReversedLineLoad, CaseKind::Bootleg => $this->willNotTrip(),
            CaseKind::ComesAndGoes => $this->nowAndThen() ?? $this->atOnce(),
            CaseKind::Arc => $this->atOnce() ?? $this->withLoad() ?? $this->nowAndThen(),
            // It reads as it should, whatever it is: only what trips is called about.
            CaseKind::Overload => $this->later(),
            CaseKind::HonestSum, CaseKind::LongCable, CaseKind::SharedNeutral, CaseKind::WeakDevice => $this->atOnce() ?? $this->withLoad(),
            CaseKind::UpstreamTripped => $this->dead(),
            default => $this->atOnce() ?? $this->withLoad() ?? $this->dead() ?? $this->readsWrong() ?? $this->later(),
        };
    }

    /** @return list<array<string, string>> where a device or breaker may trip: what is nearest first */
    private function protectors(): array
    {
        $points = array_values(array_filter($this->house->points, fn($point): bool => $point->device->feedsThrough()));

        return [
            ...array_map(fn($point): array => ['point' => $point->id], $points),
            ...array_map(fn($circuit): array => ['circuit' => $circuit->id], $this->house->circuits),
        ];
    }

    /** @param array<string, string> $at */
    private static function id(array $at): string
    {
        return $at['point'] ?? $at['circuit'] ?? '';
    }

    private function atOnce(): ?Complaint
    {
        $house = $this->case->simulation();
        foreach ($this->protectors() as $at) {
            $shown = self::do($house, ['do' => 'indicator', 'at' => $at])->text('shows');
            if ($shown === 'failed') {
                return new Complaint(SymptomKind::WillNotReset, self::id($at), SymptomWhen::Unknown);
            }
            if ($shown === 'tripped') {
                $holds = self::do($house, ['do' => 'reset', 'at' => $at])->flag('holds') === true;

                return new Complaint(SymptomKind::Trips, self::id($at), $holds ? SymptomWhen::Random : SymptomWhen::AtOnce);
            }
        }

        return null;
    }

    private function withLoad(): ?Complaint
    {
        $house = $this->case->simulation();
        foreach ($this->house->appliances as $appliance) {
            $tripped = self::do($house, ['do' => 'switch_on', 'appliance' => $appliance->id])->tripped();
            if ($tripped !== []) {
                return new Complaint(SymptomKind::Trips, $tripped[0], SymptomWhen::WithLoad);
            }
        }

        return null;
    }

    private function dead(): ?Complaint
    {
        $dead = self::do($this->case->simulation(), ['do' => 'walk'])->listed('dead') ?? [];

        return $dead === [] ? null : new Complaint(SymptomKind::Dead, $dead[count($dead) - 1], SymptomWhen::Unknown);
    }

    private function readsWrong(): ?Complaint
    {
        // A lamp misread is nothing to call about.
        $house = $this->case->simulation(Draws::exact());
        foreach ($this->house->points as $point) {
            if (! $point->isReceptacle()) {
                continue;
            }
            $lamps = self::do($house, ['do' => 'tester', 'at' => ['point' => $point->id]])->toData();
            if (array_values($lamps) !== self::CORRECT) {
                return new Complaint(SymptomKind::ReadsWrong, $point->id, SymptomWhen::Unknown);
            }
        }

        return null;
    }

    private function later(): ?Complaint
    {
        $house = $this->case->simulation();
        foreach ($this->house->appliances as $appliance) {
            self::do($house, ['do' => 'switch_on', 'appliance' => $appliance->id]);
        }
        $tripped = self::do($house, ['do' => 'wait', 'minutes' => self::AN_HOUR])->tripped();

        return $tripped === [] ? null : new Complaint(SymptomKind::Trips, $tripped[0], SymptomWhen::WithLoad);
    }

    private function nowAndThen(): ?Complaint
    {
        $house = $this->case->simulation();
        foreach ($this->protectors() as $at) {
            $trial = ['do' => 'trial', 'at' => $at, 'days' => self::DAYS];
            if ($house->isOpen(self::id($at)) || self::do($house, $trial)->number('trips') > 0) {
                return new Complaint(SymptomKind::Trips, self::id($at), SymptomWhen::Random);
            }
        }

        return null;
    }

    /** A device whose own button, or an outlet at which a tester's button, does nothing. */
    private function willNotTrip(): ?Complaint
    {
        $feeds = $this->case->simulation()->feeds;
        foreach ($this->house->points as $point) {
            $at = ['point' => $point->id];
            $press = ['do' => 'press_test', 'at' => $at];
            if ($point->device->feedsThrough() && self::do($this->case->simulation(), $press)->tripped() === []) {
                return new Complaint(SymptomKind::WillNotTrip, $point->id, SymptomWhen::Unknown);
            }
        }
        foreach ($this->house->points as $point) {
            $pressed = $point->isReceptacle() && $feeds->guards($point, Protection::Gfci) !== []
                ? self::do($this->case->simulation(), ['do' => 'tester_button', 'at' => ['point' => $point->id]])->tripped()
                : ['no'];
            if ($pressed === []) {
                return new Complaint(SymptomKind::WillNotTrip, $point->id, SymptomWhen::Unknown);
            }
        }

        return null;
    }

    /** @param array<string, mixed> $said */
    private static function do(Simulation $house, array $said): Reading
    {
        return $house->act(Kinds::said($said));
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Instruments;

/** A cable by itself, both ends lifted, under an insulation tester. */
final readonly class Insulation extends Instrument
{
    /** How likely a reading is that the cause does not allow: of a cable by itself there is little to misread. */
    private const SLIP = 0.003;

    /** How far what is read may be off, as a natural logarithm. */
    private const OFF = 2.5;

    private const SURE = 0.98;

    public static function name(): string
    {
        return 'insulation';
    }

    public static function places(): array
    {
        return ['cable' => ['cable']];
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::number('hg_ohms'), Field::number('ng_ohms'), Field::text('refused')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->cables() as $cable) {
            yield [new self(new Spot(cable: $cable->id))];
        }
    }

    public function measures(): bool
    {
        return true;
    }

    public function minutes(): float
    {
        return 10.0;
    }

    public function isInTheBox(): bool
    {
        return true;
    }

    public function wantsCableAlone(): bool
    {
        return true;
    }

    /** What comes and goes in a cable shows now and then: it is read once more, and no oftener. */
    public function mostAmongChanges(): int
    {
        return 2;
    }

    public function leavesBoxes(House $house): array
    {
        $cable = $house->findCable($this->at->cable);

        return array_fill_keys(array_filter([$cable?->fromPoint(), $cable?->to->point], is_string(...)), BoxState::Apart);
    }

    public function act(Simulation $in): Reading
    {
        $to = $in->house->findCable($this->cable())?->to->point;
        $circuit = $to === null ? null : $in->feeds->feed($in->house->point($to))->circuit;
        if ($circuit !== null && $in->condition->conducts($circuit->id)) {
            return new Reading([
                'refused' => "Breaker {$circuit->slot} {$circuit->label} is on: turn it off and prove the cable dead first.",
            ]);
        }
        foreach ($in->condition->plugged as $at) {
            if ($at !== null && $circuit !== null && $in->feeds->feed($in->house->point($at))->circuit?->id === $circuit->id) {
                return new Reading(['refused' => 'Something is plugged in on the circuit: unplug it all first.']);
            }
        }

        return new Reading(Instruments::insulation($in->condition->faults, $this->cable()));
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        if ($reading->has('refused')) {
            return 1.0;
        }
        $true = $this->true($world);

        return self::agree($reading->number('hg_ohms'), $true['hg_ohms']) * self::agree($reading->number('ng_ohms'), $true['ng_ohms']);
    }

    protected function shows(Following $following, World $world): Chances
    {
        $true = $this->true($world);
        $shown = match (true) {
            $true['hg_ohms'] !== null => 'hot leaks',
            $true['ng_ohms'] !== null => 'neutral leaks',
            default => 'over range',
        };

        return (new Chances())->add(Outcome::named($shown), self::SURE)->add(Outcome::anythingElse(), 1.0 - self::SURE);
    }

    /**
     * Only while it shows, as it did when power was on last.
     *
     * @return array{hg_ohms: float|null, ng_ohms: float|null}
     */
    private function true(World $world): array
    {
        return Instruments::insulation($world->condition->faults, $this->cable());
    }

    private static function agree(?float $read, ?float $true): float
    {
        $agrees = $read === null || $true === null ? $read === $true : abs(Arithmetic::log($read / $true)) < self::OFF;

        return $agrees ? 1.0 - self::SLIP : self::SLIP;
    }

    public function asks(): Asked
    {
        return Asked::Ohms;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return "Measure the insulation of {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        return [
            'Breaker off and proved dead at both ends.',
            "Lift both ends of {$places->spot($this->at)}.",
            'Insulation tester: hot to ground, then neutral to ground.',
        ];
    }

    public function why(Places $places, array $before): string
    {
        return 'A cable by itself, both ends lifted: it is sound, or it is not.';
    }

    public function spoken(Places $places, Reading $reading): string
    {
        if ($reading->isEmpty() || $reading->has('refused')) {
            return $reading->isEmpty() ? 'done' : 'refused';
        }
        $said = [];
        foreach (['hg_ohms' => 'hot to ground', 'ng_ohms' => 'neutral to ground'] as $key => $name) {
            $ohms = $reading->number($key);
            if ($ohms !== null) {
                $said[] = "$name " . ($ohms >= 1000.0 ? round($ohms / 1000.0, 1) . ' kohm' : round($ohms, 1) . ' ohm');
            }
        }

        return $said === [] ? 'over range, sound' : implode(', ', $said);
    }

    private function cable(): string
    {
        return $this->at->cable ?? '';
    }
}

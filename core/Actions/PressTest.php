<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Protector;

/** TEST pressed at a device or protective breaker. */
final readonly class PressTest extends Action
{
    /** Made before this, a device works with LINE and LOAD swapped as if nothing were wrong. */
    private const OLD = '2006';

    public static function name(): string
    {
        return 'press_test';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->device() !== null && $now->isProtective($at->device());
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::ids('tripped'), Field::ids('dead')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->closed() as [$device]) {
            if ($now->isProtective($device)) {
                yield [new self($now->spot($device))];
            }
        }
    }

    public function minutes(): float
    {
        return 2.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function isDoneOnce(): bool
    {
        return true;
    }

    public function isButton(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->device();
        $device = $in->tripping->protector($id);
        $works = $device !== null && self::canTrip($device) && ! $in->isOpen($id) && $in->hasPower($id);
        if ($works) {
            $in->condition->opens($id);
        }

        return new Reading([
            'tripped' => [...($works ? $in->condition->twoPole->together($id) : []), ...$in->tripping->settle($in->condition)],
            'dead' => $in->walk()['dead'],
        ]);
    }

    protected function observed(Following $following, World $then, Reading $reading, array $tripped): void
    {
        $answers = $following->answersTest($then, $this->device());
        $then->weight *= $answers === in_array($this->device(), $tripped, true) ? 1.0 : Likelihood::SLIP;
        in_array($this->device(), $tripped, true) ? array_map($then->opens(...), $tripped) : $following->observe($then, $tripped);
        if ($reading->listed('dead') !== null) {
            $then->weight *= Likelihood::walked($following->grid($then), $reading, true);
        }
    }

    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        $then = $following->done($world, $this);
        if ($following->answersTest($then, $this->device())) {
            $then->opens($this->device());

            return [[$then, Outcome::trips([], $following->dead($then))]];
        }

        return parent::leadsTo($following, $world, $open);
    }

    protected function showsDead(): bool
    {
        return true;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [
            new Offer("{$places->device($this->device())} trips", ['tripped' => [$this->device()]], Outcome::trips([])),
            new Offer('Nothing happens', ['tripped' => []], Outcome::holds()),
        ];
    }

    public function done(Places $places): string
    {
        return "Press TEST at {$places->spot($this->at)}";
    }

    public function asReading(Outcome $outcome): array
    {
        // It opens itself; what it darkens tells LINE from LOAD.
        return [...parent::asReading($outcome), 'tripped' => $outcome->what === 'trips' ? [$this->device(), ...$outcome->ids] : []];
    }

    /** What to look at: it tells LINE and LOAD apart without opening anything, by the age of the device. */
    public function steps(Places $places, bool $opens): array
    {
        $point = $this->at->point === null ? null : $places->house->point($this->at->point);
        $swapped = 'Its face live while what lies beyond is dead: LINE and LOAD are swapped.';

        return [
            "{$this->done($places)}, and see what is dead: its own face, and each outlet beyond it.",
            ...($point === null ? [] : [match (true) {
                $point->refusesFeedOnLoad() => 'Made from mid-2015 on, it does not reset at all where LINE and LOAD are swapped: no power '
                    . 'at its LINE.',
                strcmp(DeviceAge::of($point)->to ?? '9', self::OLD) < 0 => "$swapped One made before 2006 gives no other sign of it.",
                default => "$swapped Made from 2006 on, some do not reset then; from mid-2015 on none does.",
            }]),
        ];
    }

    private static function canTrip(Protector $device): bool
    {
        return ! $device->isStuck && ! $device->isDead && $device->isProtective();
    }

    private function device(): string
    {
        return $this->at->device() ?? '';
    }
}

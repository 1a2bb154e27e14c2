<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Protector;

/** TEST pressed at a device or protective breaker. */
final readonly class PressTest extends Action
{
    public static function name(): string
    {
        return 'press_test';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
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

    private static function canTrip(Protector $device): bool
    {
        return ! $device->isStuck && ! $device->isDead && $device->isProtective();
    }

    private function device(): string
    {
        return $this->at->device() ?? '';
    }
}

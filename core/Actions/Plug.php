<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** An appliance plugged in: where it is as a rule, or elsewhere. */
final readonly class Plug extends WithAppliance
{
    public function __construct(Spot $at, private ?string $to = null)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'plug';
    }

    public static function mayGoTo(): bool
    {
        return true;
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return $now->where($thing) === null;
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->text('to'));
    }

    public static function worthTrying(Situation $now): iterable
    {
        if ($now->protective() !== [] && $now->plugBack() !== []) {
            // As it was when it tripped, with the old device.
            yield $now->plugBack();
        }
        foreach ($now->house->appliances as $appliance) {
            // Beyond another device, once it is unplugged: what leaks in it goes along, what leaks where it hung stays.
            $isOut = $now->where($appliance) === null && $appliance->at !== null && $now->hasPlug($appliance);
            $elsewhere = $isOut ? Elsewhere::of($now->feeds, $appliance->at) : null;
            if ($elsewhere !== null) {
                yield [new self(new Spot(appliance: $appliance->id), $elsewhere->id)];
            }
        }
        foreach ($now->unplugged() as $appliance) {
            $at = new Spot(appliance: $appliance->id);
            yield [new self($at)];
            if ($now->hasCord($appliance)) {
                // Back by its own plug: what leaked in its cord set is gone.
                yield [new WithoutCord($at), new self($at)];
            }
        }
    }

    public function to(): ?string
    {
        return $this->to;
    }

    protected function details(): array
    {
        return $this->to === null ? [] : ['to' => $this->to];
    }

    public function minutesIn(House $house): float
    {
        return $this->to === null ? $this->minutes() : $this->carrying($house, $this->minutes());
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function energises(): bool
    {
        return true;
    }

    public function countsEarlier(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->plugged[$this->id()] = $this->to ?? $this->appliance($feeds)?->at;

        return $condition->plugged[$this->id()] !== null;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->plugs($appliance, $this->to);
        }
    }

    public function done(Places $places): string
    {
        return "Plug in {$places->spot($this->at)}" . ($this->to === null ? '' : " at {$places->point($this->to)}");
    }
}

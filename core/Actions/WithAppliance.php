<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** Something done with one appliance, seen by what trips. */
abstract readonly class WithAppliance extends Action
{
    /** Minutes to move what is built in or heavy. */
    private const HEAVY = 15.0;

    public static function places(): array
    {
        return ['appliance' => ['appliance']];
    }

    final protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        $thing = $now->house->findAppliance($at->appliance);

        return $thing !== null && static::isOfferedWith($thing, $now);
    }

    /** Whether it has a meaning with that appliance as the house stands. */
    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return true;
    }

    final public static function reads(): array
    {
        return [Field::ids('tripped'), Field::number('after_ms')];
    }

    public function minutes(): float
    {
        return 1.0;
    }

    /** Minutes to carry it to another outlet: more where it is built in or heavy. */
    final protected function carrying(House $house, float $light): float
    {
        $appliance = $house->findAppliance($this->id());

        return $appliance !== null && $house->isHeavy($appliance) ? self::HEAVY : $light;
    }

    final public function act(Simulation $in): Reading
    {
        return new Reading($in->answered($in->did($this)));
    }

    final protected function id(): string
    {
        return $this->at->appliance ?? '';
    }

    final protected function appliance(FeedMap $feeds): ?Appliance
    {
        return $feeds->house->findAppliance($this->id());
    }

    /** In a sentence to who lives there. */
    final protected static function lower(Appliance $appliance): string
    {
        return mb_strtolower(mb_substr($appliance->name, 0, 1)) . mb_substr($appliance->name, 1);
    }
}

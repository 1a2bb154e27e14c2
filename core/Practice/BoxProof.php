<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Spot;

/** A box read with a meter: what it read, and whether anybody had seen that the meter works. */
final readonly class BoxProof
{
    /** Volts from which on a conductor is live to who reads it. */
    public const LIVE = 10.0;

    private const BETWEEN = [Between::HotNeutral, Between::HotGround, Between::NeutralGround];

    private function __construct(public float $volts, public bool $tried)
    {
    }

    /**
     * Reads it and keeps that; once more with nothing live takes nothing from a proof that holds still.
     *
     * @return string what it showed
     */
    public static function read(Visit $visit, string $point, bool $tried): string
    {
        $before = $visit->proofAt($point);
        $proof = new self(self::highest($visit, $point), $tried || ($before?->tried === true && $before->isDead()));
        $visit->proves($point, $proof);

        return $proof->volts < self::LIVE ? 'nothing live' : round($proof->volts) . ' V: it is live';
    }

    public function isDead(): bool
    {
        return $this->volts < self::LIVE;
    }

    /**
     * The highest of all that can be read there: at the slots, and in an open box at every pair.
     *
     * @param bool $isOpen as if it were open, be it or not
     */
    public static function highest(Visit $visit, string $point, bool $isOpen = false): float
    {
        $house = $visit->simulation;
        $places = $house->house->point($point)->isReceptacle() ? [new Spot(point: $point)] : [];
        foreach ($isOpen || $visit->isOpen($point) || $places === [] ? $visit->cablesIn($point) : [] as $cable) {
            $places[] = new Spot(cable: $cable->id, atFrom: $cable->fromPoint() === $point);
        }
        $volts = [0.0];
        foreach ($places as $at) {
            foreach (self::BETWEEN as $between) {
                $volts[] = abs(self::volts($house, $at, $between));
            }
        }

        return max($volts);
    }

    private static function volts(Simulation $house, Spot $at, Between $between): float
    {
        return $house->meters->volts($house->grid(), $at, $between, lowZ: true)['volts'];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Yoke;

/** What a receptacle on a breaker of 240 V is taken to be: a dryer's 30 A 250 V on 30 A, a range's 50 A on 40 or 50 A. */
final readonly class Rating
{
    /** Ratings in which 250 V receptacles are made, in A: the breaker's, or the next above it (Table 210.21(B)(3) lets 40 A take 50). */
    private const MADE = [15.0, 20.0, 30.0, 50.0];

    /** From this rating on a receptacle is no duplex, in A. */
    private const SINGLE_FROM_AMPS = 30.0;

    /** Of what is fed by two hots. */
    private const VOLTS = 250.0;

    /** From this on a circuit has two hots, in V. */
    private const TWO_HOTS = 200.0;

    /**
     * @param float|null $amps null for a breaker larger than receptacles are made for
     * @param float $volts of the configuration
     */
    private function __construct(public ?float $amps, public float $volts, public ?Yoke $yoke)
    {
    }

    /**
     * What a receptacle for such an appliance is usually rated, in A, the likeliest first.
     *
     * @return non-empty-list<float>
     */
    public static function usual(Serves $serves): array
    {
        return match ($serves) {
            Serves::Dryer => [30.0, 15.0],
            Serves::Range, Serves::WallOven, Serves::Cooktop => [50.0, 30.0, 15.0],
            Serves::Ev => [50.0, 30.0, 20.0],
            default => [15.0, 20.0],
        };
    }

    /** A receptacle this large has two hots, and is no duplex; null where it is not. */
    public static function ofLarge(?float $amps): ?self
    {
        return $amps !== null && $amps >= self::SINGLE_FROM_AMPS ? new self($amps, self::VOLTS, Yoke::Single) : null;
    }

    /**
     * Null where nothing is taken: on 120 V the rating is what was found.
     *
     * @param float|null $said the amperes that somebody said it is rated
     */
    public static function ofReceptacleOn(?Circuit $circuit, PointKind $kind, ?float $said): ?self
    {
        if ($circuit === null || $kind !== PointKind::Receptacle || $circuit->volts() < self::TWO_HOTS) {
            return null;
        }
        $amps = $said ?? array_values(array_filter(self::MADE, fn(float $amps): bool => $amps >= $circuit->amps))[0] ?? null;

        return self::ofLarge($amps) ?? new self($amps, self::VOLTS, null);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\Network\Noise;

/** Milliamperes as they should be under a cause, and how far they may be off because nobody knows just what appliances leak. */
final readonly class Supposed
{
    /**
     * @param float $off one standard deviation, mA
     * @param array<int, float> $along how much what each appliance leaks counts in it, by its number in {@see LeakageKnown}
     */
    public function __construct(
        public float $ma,
        public float $off = 0.0,
        public array $along = [],
    ) {
    }

    /** @param float $without milliamperes without the cause */
    public function asHardAs(HowHard $howHard, float $without): self
    {
        return new self($howHard->of($this->ma, $without), $this->off, $this->along);
    }

    /**
     * It was read: what that says of the leakages and of how hard the cause is goes into the world.
     *
     * @param float $read milliamperes
     * @param float $without milliamperes without the cause
     * @param bool $isOfLeakage whether it is what does not come back, and no current of one conductor
     *
     * @return float how likely that was
     */
    public function read(World $world, float $read, float $without, bool $isOfLeakage = true): float
    {
        $howHard = $world->howHard;
        $likelihood = Likelihood::milliamperes($read, $this, $without, $howHard);
        $noise = Noise::milliamperes($this->ma);
        if ($this->off > 0.0 && $isOfLeakage) {
            $beside = Arithmetic::magnitude($noise, $howHard->spread($this->ma, $without));
            $share = $this->off * $this->off / ($this->off * $this->off + $beside * $beside);
            $world->leakages = $world->leakages->told(
                $this->along,
                $share * ($read - $howHard->of($this->ma, $without)),
                1.0 - $share,
            );
        }
        $world->howHard = $howHard->told($read, $this->ma, $without, Arithmetic::magnitude($noise, $this->off));

        return $likelihood;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Landing;

/** What faults and lifted pairs change in how a house is joined up, looked up by place. */
final class Rework
{
    /** @var array<array<float>> ohms at the near end of a conductor, infinite where it is open, by cable id and conductor */
    private array $nearEnd = [];

    /** @var array<bool> */
    private array $swapped = [];

    /** @var array<bool> */
    private array $hotOnGround = [];

    /** @var array<array<Landing>> by cable id and end */
    private array $landings = [];

    /** @var array<bool> */
    private array $reversed = [];

    /** @var array<bool> */
    private array $bootleg = [];

    /** @var array<bool> */
    private array $pigtailOpen = [];

    /** @var array<string> */
    private array $lenders = [];

    public function __construct(public readonly Condition $condition)
    {
        foreach ($condition->faults as $fault) {
            $fault->rewires($this);
        }
    }

    /** @param float $ohms infinite where it is open */
    public function atNearEnd(string $cable, Conductor $conductor, float $ohms): void
    {
        $this->nearEnd[$cable][$conductor->value] = ($this->nearEnd[$cable][$conductor->value] ?? 0.0) + $ohms;
    }

    public function swaps(string $cable): void
    {
        $this->swapped[$cable] = true;
    }

    public function putsHotOnGround(string $cable): void
    {
        $this->hotOnGround[$cable] = true;
    }

    public function lands(string $cable, bool $atFrom, Landing $landing): void
    {
        $this->landings[$cable][$atFrom ? 'from' : 'to'] = $landing;
    }

    public function reverses(string $point): void
    {
        $this->reversed[$point] = true;
    }

    public function tiesGroundToNeutral(string $point): void
    {
        $this->bootleg[$point] = true;
    }

    public function opensPigtail(string $point): void
    {
        $this->pigtailOpen[$point] = true;
    }

    public function borrows(string $point, string $lender): void
    {
        $this->lenders[$point] = $lender;
    }

    public function ohmsAtNearEnd(string $cable, Conductor $conductor): ?float
    {
        return $this->nearEnd[$cable][$conductor->value] ?? null;
    }

    public function isSwapped(string $cable): bool
    {
        return isset($this->swapped[$cable]);
    }

    public function isHotOnGround(string $cable): bool
    {
        return isset($this->hotOnGround[$cable]);
    }

    public function landing(string $cable, bool $atFrom): ?Landing
    {
        return $this->landings[$cable][$atFrom ? 'from' : 'to'] ?? null;
    }

    public function isReversed(string $point): bool
    {
        return isset($this->reversed[$point]);
    }

    public function isBootleg(string $point): bool
    {
        return isset($this->bootleg[$point]);
    }

    public function isPigtailOpen(string $point): bool
    {
        return isset($this->pigtailOpen[$point]);
    }

    public function lenderOf(string $point): ?string
    {
        return $this->lenders[$point] ?? null;
    }

    public function isLifted(string $point, string $cable): bool
    {
        return $this->condition->lifted[$point][$cable] ?? false;
    }
}

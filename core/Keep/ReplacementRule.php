<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * At what age a crew replaces a protective device that still works. How long they last is disputed: ten years unless the crew says
 * otherwise, and sooner what stands outdoors or in the wet, or does not test itself.
 */
final readonly class ReplacementRule
{
    public const YEARS = 10;

    /** What is left of its years where it stands outdoors or does not test itself. */
    private const SOONER = 0.7;

    /** @param int $years of a device indoors that tests itself */
    public function __construct(public int $years = self::YEARS)
    {
    }

    /** @return array{int, string|null} years, and why fewer than usual */
    public function yearsFor(House $house, Point|Circuit $device): array
    {
        $why = match (true) {
            $device instanceof Point && $this->isOutdoors($house, $device) => 'it stands outdoors or in the wet',
            $device->selfTest === false => 'it does not test itself',
            default => null,
        };

        return [$why === null ? $this->years : (int) round($this->years * self::SOONER), $why];
    }

    /** The day it is due to be replaced by its age, ISO 8601; null where its age is not known. */
    public function dueOn(House $house, Point|Circuit $device): ?string
    {
        return DeviceAge::of($device)?->reaches($this->yearsFor($house, $device)[0]);
    }

    private function isOutdoors(House $house, Point $point): bool
    {
        return in_array($point->exposure(), [Exposure::Damp, Exposure::Wet], true) || $house->areaOf($point)->kind === AreaKind::Outdoors;
    }
}

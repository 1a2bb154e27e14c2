<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Rework;

/** The feed of a device on its LOAD, what goes on on its LINE. */
final readonly class ReversedLineLoad extends Fault
{
    public static function name(): string
    {
        return 'reversed_line_load';
    }

    public static function places(): array
    {
        return ['point'];
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.012, 'LINE and LOAD swapped at a device')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return $around->hasProtector() ? [new Possible("reversed_line_load:{$around->at->id()}", [new self($around->at)])] : [];
    }

    public function rewires(Rework $rework): void
    {
        $rework->reverses($this->at->point ?? '');
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function leavesFaceLive(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "LINE and LOAD swapped at {$places->spot($this->at)}";
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($this->end($places)),
            'Feed on LINE, what goes on on LOAD: read the back of the device, not its top and bottom.',
        ];
    }

    public function proof(Places $places): string
    {
        return 'TEST darkens the face and every outlet that is to be protected, and no other.';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Ended;

/** The device is changed while nothing says that it is the device. */
final readonly class DeviceFirst extends WrongBelief
{
    /** Tests after which nobody changes it first. */
    private const FIRST = 4;

    /** What is in the device itself. */
    private const OF_THE_DEVICE = [CaseKind::WeakDevice, CaseKind::DeadDevice, CaseKind::StuckDevice, CaseKind::ReversedLineLoad];

    protected static function shown(Ended $visit): ?string
    {
        $number = $visit->first(fn(Action $action): bool => $action->replaces() !== null);

        return $number === null || in_array($visit->visit->case->kind, self::OF_THE_DEVICE, true) || $number >= self::FIRST
            ? null
            : 'Replaced the device first. It did what it is there for: what made it open is still in the house, and the new one opens too, '
                . 'or has not yet.';
    }
}

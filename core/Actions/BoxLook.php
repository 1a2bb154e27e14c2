<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\BoxState;

/** What an opened box shows to eye or hand, its wires and its screws; or an appliance looked over. */
abstract readonly class BoxLook extends Instrument
{
    final public static function places(): array
    {
        return ['at' => ['point', 'cable', 'appliance']];
    }

    final public function minutes(): float
    {
        return 2.0;
    }

    final public function isInTheBox(): bool
    {
        return $this->at->appliance === null;
    }

    final public function isDoneOnce(): bool
    {
        return true;
    }

    final protected function leaves(): BoxState
    {
        return BoxState::Opened;
    }
}

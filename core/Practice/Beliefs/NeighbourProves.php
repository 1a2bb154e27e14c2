<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Practice\Ended;

/** An appliance was tried at a neighbour that the same device protects. */
final readonly class NeighbourProves extends WrongBelief
{
    protected static function shown(Ended $visit): ?string
    {
        $house = $visit->visit->case->asItIs;
        $guards = fn(?string $point): array => $point === null || ! $house->hasPoint($point)
            ? []
            : array_map(
                fn($guard): string => $guard->id(),
                $visit->visit->feeds->guards($house->point($point), Protection::Gfci),
            );
        $moved = $visit->first(fn(Action $action): bool => $action->to() !== null
            && $guards($action->to()) !== []
            && $guards($action->to()) === $guards($house->findAppliance($action->at->appliance)->at ?? null));

        return $moved === null
            ? null
            : 'An appliance was tried at the outlet beside it. Both hang on the same device: it trips there for the same reason, whatever '
                . 'that is. Only an outlet on another device tells.';
    }
}

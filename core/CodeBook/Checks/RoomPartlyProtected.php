<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\House\Protection;

/** A room with a protective device that does not feed all the others that need it. */
final class RoomPartlyProtected implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return ['room_partly_protected' => new Finds(Hazard::Shock, Clauses::none())];
    }

    public function findings(Context $context, array $judged): array
    {
        $asked = [];
        foreach ($judged as $point) {
            if ($point->demandsFor(Protection::Gfci) !== []) {
                $asked[$point->point->area][] = $point;
            }
        }
        $found = [];
        foreach ($context->house->areas as $area) {
            $here = $asked[$area->id] ?? [];
            $bare = array_values(array_filter($here, fn(PointAssessment $point): bool => ! $point->isSatisfied(Protection::Gfci)));
            $devices = array_filter(
                $here,
                fn(PointAssessment $point): bool => $point->point->device->givesGfci() && $point->isSatisfied(Protection::Gfci),
            );
            if ($bare !== [] && $devices !== []) {
                $codes = implode(', ', array_map(fn(PointAssessment $point): string => $point->point->code, $bare));
                $found[] = $this->found(
                    'room_partly_protected',
                    $context,
                    Severity::Warning,
                    "{$area->code} {$area->name} has a GFCI, and it does not protect $codes.",
                    area: $area->id,
                    points: array_map(fn(PointAssessment $point): string => $point->point->id, $bare),
                );
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** A dishwasher, disposal, fixed microwave or range hood on a circuit of the kitchen counter, which feeds nothing else (210.52(B)(2)). */
final class SmallApplianceCircuits implements HouseCheck
{
    use Found;

    /** What is commonly found there and does not belong. */
    public const FOREIGN = [Serves::Dishwasher, Serves::Disposal, Serves::Microwave, Serves::RangeHood];

    public function finds(): array
    {
        return ['small_appliance_shared' => new Finds(Hazard::Dark, Clauses::everyNec('210.52(B)(2)')->second())];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->edition->isNec() ? CircuitOutlets::with($context, CountertopCircuits::isCounter(...)) : [] as $of) {
            $foreign = array_values(array_filter($of->others, fn(Site $site): bool => $site->serves(...self::FOREIGN)));
            if ($foreign !== []) {
                $found[] = $this->found(
                    'small_appliance_shared',
                    $context,
                    Severity::ofFault($context->workOnWiring($of->circuit)),
                    CircuitOutlets::codes($of->own) . ": counter receptacles on {$of->spoken()}, which also feeds "
                        . implode(' and ', array_map(
                            fn(Site $site): string => 'the ' . mb_strtolower($site->point->serves()->label()) . " at {$site->point->code}",
                            $foreign,
                        )) . ': give it a circuit of its own.',
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\Feed\Load;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\Network\BreakerLoad;

/** More runs on a breaker than it is rated for, or more than it may carry for hours. */
final class Overloaded implements HouseCheck
{
    use Found;

    /** What runs for three hours or more may take this share of a breaker (NEC 210.20(A)). */
    private const CONTINUOUS_SHARE = 0.8;

    public function finds(): array
    {
        return ['overloaded' => new Finds(Hazard::Fire, Clauses::none(), isAcute: true)];
    }

    public function findings(Context $context, array $judged): array
    {
        return array_merge([], ...array_map(fn(Circuit $circuit): array => $this->on($circuit, $context), $context->house->circuits));
    }

    /** @return list<Finding> */
    private function on(Circuit $circuit, Context $context): array
    {
        $running = Load::running($context->feeds, $circuit);
        $amps = Load::amps($running);
        if ($amps <= self::CONTINUOUS_SHARE * $circuit->amps) {
            return [];
        }
        $isOver = $amps > $circuit->amps;
        $cure = $isOver
            ? sprintf('Run %s (%.1f A) on another breaker.', $running[0]->name, $running[0]->amps())
            : 'That is right for a while; for three hours or more it may be 80 %.';

        return [$this->found(
            'overloaded',
            $context,
            $isOver ? Severity::Error : Severity::Advice,
            "Breaker {$circuit->slot} {$circuit->label} " . BreakerLoad::say($amps, $circuit->amps) . ". $cure",
            circuit: $circuit->id,
            points: array_values(array_unique(array_map(fn(Appliance $one): string => (string) $one->at, $running))),
        )];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Network\SweepVolts;

/** With what runs, an outlet gets noticeably less than the supply: a long run, or a thin one. */
final class VoltageDrop implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['voltage_drop' => new Finds(Hazard::None, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        if ($circuit === null || ! $this->isLoaded($circuit->id, $site->context) || $site->feeds->runTo($site->point) === []) {
            return [];
        }
        $supply = $site->house->supplyVolts() * ($circuit->volts() > 150.0 ? 2.0 : 1.0);
        $volts = $site->context->expected()->voltsAt($site->point)['hn'];
        $percent = 100.0 * ($supply - $volts) / $supply;
        // Less than half is no drop: nothing reaches it at all.
        if ($percent <= SweepVolts::BRANCH_DROP_PERCENT || $percent > 50.0) {
            return [];
        }

        return [$this->found('voltage_drop', $site, Severity::Advice, sprintf(
            '%s gets %.1f V of %.1f V with what runs: %.1f %%, and a branch circuit should drop no more than %d %%. A heavier gauge on '
                . 'the run, or less on it.',
            $site->point->code,
            $volts,
            $supply,
            $percent,
            (int) SweepVolts::BRANCH_DROP_PERCENT,
        ))];
    }

    private function isLoaded(string $circuit, Context $context): bool
    {
        $loaded = $context->once('loaded circuits', function () use ($context): array {
            $loaded = [];
            foreach ($context->house->appliances as $appliance) {
                if ($appliance->at !== null && $appliance->isOn() && $appliance->amps() > 0.0) {
                    $loaded[$context->feeds->feed($context->house->point($appliance->at))->circuit->id ?? ''] = true;
                }
            }

            return $loaded;
        });

        return isset($loaded[$circuit]);
    }
}

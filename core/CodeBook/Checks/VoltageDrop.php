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
use Bouclier\Core\Feed\Load;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\Network\SweepVolts;

/** With what runs, an outlet gets noticeably less than the supply: a long run, or a thin one. */
final class VoltageDrop implements PointCheck
{
    use Found;

    /** More than that is no drop of a run: it is open, or something opened. */
    private const NOTHING_REACHES_PERCENT = 50.0;

    public function finds(): array
    {
        return ['voltage_drop' => new Finds(Hazard::None, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        if ($circuit === null || ! self::isLoaded($circuit, $site->context) || $site->feeds->runTo($site->point) === []) {
            return [];
        }
        $supply = $site->house->lineVolts($circuit);
        if (! $site->context->expected()->mayLose($site->point, $supply * SweepVolts::BRANCH_DROP_PERCENT / 100.0)) {
            return [];
        }
        $volts = $site->context->expected()->voltsAt($site->point)['hn'];
        $percent = 100.0 * ($supply - $volts) / $supply;
        if ($percent <= SweepVolts::BRANCH_DROP_PERCENT || $percent > self::NOTHING_REACHES_PERCENT) {
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

    private static function isLoaded(Circuit $circuit, Context $context): bool
    {
        return $context->once("loaded {$circuit->id}", fn(): bool => Load::running($context->feeds, $circuit) !== []);
    }
}

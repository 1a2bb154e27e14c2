<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;

/** What one edition, with its exceptions and local amendments, demands at an outlet. */
final readonly class Demands
{
    /** @var list<array{Rule, string}> rules the edition has, with their clause */
    private array $rules;

    /** @var list<array{FollowUpRule, string}> */
    private array $followUps;

    /** @var list<array{RuleException, string}> */
    private array $exceptions;

    public function __construct(CodeBook $book, Edition $edition)
    {
        $rules = [];
        $followUps = [];
        foreach ($book->rules as $rule) {
            $clause = $rule->clauses()->in($edition);
            if ($clause !== null && $rule instanceof FollowUpRule) {
                $followUps[] = [$rule, $clause];
            } elseif ($clause !== null) {
                $rules[] = [$rule, $clause];
            }
        }
        $exceptions = [];
        foreach ($book->exceptions as $exception) {
            $clause = $exception->clauses()->in($edition);
            if ($clause !== null) {
                $exceptions[] = [$exception, $clause];
            }
        }
        $this->rules = $rules;
        $this->followUps = $followUps;
        $this->exceptions = $exceptions;
    }

    /**
     * @param Protection|null $only what is asked about, everything when null
     *
     * @return array{list<Demand>, list<Exemption>}
     */
    public function at(Site $site, ?Protection $only = null): array
    {
        $demands = [];
        $exemptions = [];
        foreach ($this->rules as [$rule, $clause]) {
            $fact = $only === null || $rule->asksFor() === $only ? $rule->binds($site) : null;
            if ($fact === null) {
                continue;
            }
            $lifted = $this->exceptionFrom($rule, $clause, $site);
            if ($lifted !== null) {
                $exemptions[] = $lifted;
                continue;
            }
            $demands[] = $this->demand($rule, $clause, $fact, $site);
        }
        array_push($demands, ...$this->localDemands($site));
        foreach ($this->followUps as [$rule, $clause]) {
            $before = array_values(array_filter($demands, fn(Demand $demand): bool => $demand->asksFor === $rule->asksFor()));
            $fact = $before === [] ? null : $rule->bindsAfter($site, $before);
            if ($fact !== null) {
                $demands[] = $this->demand($rule, $clause, $fact, $site);
            }
        }

        return [$demands, $exemptions];
    }

    private function demand(Rule $rule, string $clause, string $fact, Site $site): Demand
    {
        return new Demand($rule->id(), $rule->asksFor(), $clause, $rule->reason(), $fact, $site->amendedDistance($rule));
    }

    private function exceptionFrom(Rule $rule, string $clause, Site $site): ?Exemption
    {
        foreach ($this->exceptions as [$exception, $by]) {
            if ($exception->lifts($rule, $site)) {
                return new Exemption(
                    $rule->asksFor(),
                    $clause,
                    $by,
                    $exception instanceof BySite ? $exception->because($site) : $exception->reason(),
                    exceptionId: $exception->id(),
                );
            }
        }
        $waived = $site->amendments(AmendmentKind::Waive, $rule)[0] ?? null;

        return $waived === null
            ? null
            : new Exemption($rule->asksFor(), $clause, 'local amendment', 'Waived here by local amendment.', $waived);
    }

    /** @return list<Demand> what local amendments add at this outlet */
    private function localDemands(Site $site): array
    {
        $demands = [];
        foreach ($site->house->code->amendments() as $amendment) {
            if ($amendment->do === AmendmentKind::Add && $amendment->fits($site->area, $site->point) && self::names($amendment, $site)) {
                $demands[] = new Demand(
                    'local',
                    $amendment->what,
                    $amendment->clause ?? $amendment->rule ?? 'local',
                    'Added here by local amendment.',
                    "{$site->area->code} is one of the places it names.",
                    $amendment,
                );
            }
        }

        return $demands;
    }

    /** What is added is for receptacles, and for what is wired in where its use is named, unless kinds of outlet are named. */
    private static function names(Amendment $amendment, Site $site): bool
    {
        return $amendment->points() !== []
            || $site->point->isReceptacle()
            || ($amendment->serves() !== [] && $site->point->kind === PointKind::Hardwired);
    }
}

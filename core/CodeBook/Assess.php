<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** House + edition + kind of work in, demands, coverage, verdicts and findings out. */
final class Assess
{
    private readonly CodeBook $book;

    private readonly FeedMap $feeds;

    /** @var list<PointCheck> */
    private readonly array $checks;

    private readonly Edition $edition;

    /**
     * @param Edition|null $edition the house's own when null
     * @param Work|null $as in place of the house's kind of work; a point's own still stands
     * @param FeedMap|null $feeds when they are known already: those of a house wired the same
     */
    public function __construct(
        private readonly House $house,
        ?Edition $edition = null,
        private readonly ?Work $as = null,
        ?FeedMap $feeds = null,
    ) {
        $this->edition = $edition ?? $house->code->edition;
        $this->book = CodeBook::shipped();
        $this->feeds = $feeds ?? new FeedMap($house);
        $this->checks = [new Checks\ReversedLineLoad(), new Checks\SplitPair(), new Checks\RedundantGfci(), new Checks\NoFeed()];
    }

    public function house(): Assessment
    {
        return new Assessment($this->edition, array_map($this->point(...), $this->house->points), []);
    }

    public function point(Point $point): PointAssessment
    {
        $site = new Site($this->house, $this->feeds, $point, $this->edition, $point->work ?? $this->as ?? $this->house->work);
        [$demands, $exemptions] = $this->demands($site);
        $guards = [];
        foreach ([Protection::Gfci, Protection::Afci] as $function) {
            $guards[$function->value] = $this->feeds->guards($point, $function);
        }
        $findings = array_merge(...array_map(fn(PointCheck $check): array => $check->findings($site), $this->checks));

        return new PointAssessment($point, $site->work, $demands, $exemptions, $guards, $findings);
    }

    /** @return array{list<Demand>, list<Exemption>} */
    private function demands(Site $site): array
    {
        $demands = [];
        $exemptions = [];
        $followUps = [];
        foreach ($this->book->rules as $rule) {
            if ($rule instanceof FollowUpRule) {
                $followUps[] = $rule;
                continue;
            }
            $clause = $rule->clause($site->edition);
            $fact = $clause === null ? null : $rule->binds($site);
            if ($clause === null || $fact === null) {
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
        foreach ($followUps as $rule) {
            $before = array_values(array_filter($demands, fn(Demand $demand): bool => $demand->asksFor === $rule->asksFor()));
            $clause = $rule->clause($site->edition);
            if ($before === [] || $clause === null) {
                continue;
            }
            $fact = $rule->bindsAfter($site, $before);
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
        foreach ($this->book->exceptions as $exception) {
            $by = $exception->clause($site->edition);
            if ($by !== null && $exception->lifts($rule, $site)) {
                return new Exemption($clause, $by, $exception->reason());
            }
        }
        foreach ($this->amendments($site, AmendmentKind::Waive, $rule->asksFor()) as $amendment) {
            if (Clause::within($clause, $amendment->clause)) {
                return new Exemption($clause, 'local amendment', 'Waived here by local amendment.', $amendment);
            }
        }

        return null;
    }

    /** @return list<Demand> what local amendments add at this outlet */
    private function localDemands(Site $site): array
    {
        $demands = [];
        foreach (Protection::cases() as $protection) {
            foreach ($this->amendments($site, AmendmentKind::Add, $protection) as $amendment) {
                if ($site->point->isReceptacle() || ($amendment->serves() !== [] && $site->point->kind === PointKind::Hardwired)) {
                    $demands[] = new Demand('local', $protection, $amendment->clause ?? 'local', 'Added here by local amendment.', "{$site->area->name} is one of the places it names.", $amendment);
                }
            }
        }

        return $demands;
    }

    /** @return list<Amendment> */
    private function amendments(Site $site, AmendmentKind $do, Protection $what): array
    {
        return array_values(array_filter(
            $site->house->code->amendments(),
            fn(Amendment $amendment): bool => $amendment->do === $do && $amendment->what === $what && $amendment->fits($site->area, $site->point),
        ));
    }
}

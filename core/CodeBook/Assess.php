<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Nec\Section210_8F\HvacDeferral;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** House + edition + kind of work in, demands, coverage, verdicts and findings out. */
final readonly class Assess
{
    private Context $context;

    private CodeBook $book;

    private Demands $demands;

    /**
     * @param Edition|null $edition the house's own when null
     * @param Work|null $as in place of the house's kind of work; a point's own still stands
     * @param FeedMap|null $feeds when they are known already: those of a house wired the same
     */
    public function __construct(House $house, ?Edition $edition = null, ?Work $as = null, ?FeedMap $feeds = null)
    {
        $this->book = CodeBook::shipped();
        $this->context = new Context($house, $feeds ?? new FeedMap($house), $edition ?? $house->code->edition, $as);
        $this->demands = $this->book->demands($this->context->edition);
    }

    /**
     * @param (\Closure(): void)|null $between called after each point; by throwing there, one whose answer nobody waits for any more ends
     *        it
     */
    public function house(?\Closure $between = null): Assessment
    {
        $points = [];
        foreach ($this->context->house->points as $point) {
            $points[] = $this->point($point);
            if ($between !== null) {
                $between();
            }
        }
        $findings = [];
        foreach ($this->book->houseChecks as $check) {
            array_push($findings, ...$check->findings($this->context, $points));
        }

        return new Assessment($this->context->edition, $points, $findings);
    }

    public function point(Point $point): PointAssessment
    {
        $site = $this->context->site($point);
        $judged = $this->judge($site);
        $findings = [];
        foreach ($this->book->pointChecks as $check) {
            array_push($findings, ...$check->findings($site, $judged));
        }

        return $judged->with($findings, TakenForGranted::at($site, $judged));
    }

    /** Why nothing is asked at an outlet. */
    public function whyNotAsked(PointAssessment $judged, Protection $protection): string
    {
        return NotAsked::why($this->context->site($judged->point), $judged, $protection);
    }

    /** What a deferral decides at an outlet; null where none is about it. */
    public function deferral(PointAssessment $judged): ?string
    {
        $site = $this->context->site($judged->point);
        $remark = $judged->point->kind === PointKind::Hardwired ? trim(HvacDeferral::remark($site)) : '';

        return $remark === '' ? null : $remark;
    }

    /** Whether the height of an outlet decides, because of a tub or shower. */
    public function asksHeight(Point $point): bool
    {
        return Checks\TubZone::asksHeight($this->context->site($point));
    }

    /** Whether the weather, or damp, is asked about at an outlet. */
    public function asksCover(Point $point): bool
    {
        return $this->context->site($point)->weather() !== Exposure::Dry;
    }

    /** @return list<PointLabel> labels and marks that are asked for at an outlet */
    public function labelsAsked(PointAssessment $judged): array
    {
        $site = $this->context->site($judged->point);

        return [
            ...Checks\NoGroundUnlabelled::wanted($site, $judged),
            ...(Checks\FirstOutletUnmarked::isWanted($site, $judged) ? [PointLabel::FirstOutletAfci] : []),
        ];
    }

    /** What is asked and what protects, without looking for findings. */
    public function bare(Point $point, Protection $protection): PointAssessment
    {
        return $this->judge($this->context->site($point), $protection);
    }

    /** The verdict alone, without looking for findings. */
    public function verdict(Point $point, Protection $protection): Verdict
    {
        return $this->bare($point, $protection)->verdict($protection);
    }

    private function judge(Site $site, ?Protection $only = null): PointAssessment
    {
        $point = $site->point;
        [$demands, $exemptions] = $this->demands->at($site, $only);
        $guards = [
            Protection::Gfci->value => $this->context->feeds->guards($point, Protection::Gfci),
            Protection::Afci->value => $this->context->feeds->guards($point, Protection::Afci),
        ];
        $objections = array_filter(
            array_map(fn(Guard $guard): ?string => ArcFaultGuards::objection($site, $guard), $guards[Protection::Afci->value]),
            is_string(...),
        );

        return new PointAssessment(
            $point,
            $site->work,
            $demands,
            $exemptions,
            $guards,
            [Protection::Afci->value => array_values($objections)],
        );
    }
}

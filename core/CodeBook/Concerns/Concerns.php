<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Concerns;

use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\Feed\FeedMap;

/** Everything found in a house, by what has to be done about it: what can hurt first, and one line for what one cure mends. */
final readonly class Concerns
{
    private const NO_FEED = 'no_feed';

    private const WORST = 3;

    /** Alike wherever they are, and mended outlet by outlet: one line for the house. */
    private const ALIKE = [
        'not_tr' => ['Not tamper-resistant', 'Tamper-resistant or not: nobody has recorded'],
        'not_wr' => ['Not weather-resistant', 'Weather-resistant or not: nobody has recorded'],
    ];

    private function __construct(private FeedMap $feeds)
    {
    }

    /** @return list<Concern> the worst first */
    public static function of(Assessment $assessment, FeedMap $feeds): array
    {
        $concerns = new self($feeds);
        $found = [
            ...(new Gaps($feeds))->in($assessment->points),
            ...$concerns->atOutlets($assessment->points),
            ...array_map($concerns->ofWhole(...), $assessment->findings),
        ];
        usort($found, fn(Concern $one, Concern $other): int => $one->order() <=> $other->order());

        return $found;
    }

    /**
     * What stands at the top of the survey and of its paper: the worst of each kind before a second of the same, none that is only advice.
     *
     * @param list<Concern> $concerns the worst first
     *
     * @return list<Concern>
     */
    public static function worst(array $concerns): array
    {
        $kinds = [];
        $again = [];
        foreach ($concerns as $concern) {
            if ($concern->urgency === Urgency::Advice) {
                continue;
            }
            isset($kinds[$concern->finding]) ? $again[] = $concern : $kinds[$concern->finding] = $concern;
        }
        $worst = array_slice([...array_values($kinds), ...$again], 0, self::WORST);
        usort($worst, fn(Concern $one, Concern $other): int => $one->order() <=> $other->order());

        return $worst;
    }

    /**
     * @param list<PointAssessment> $points
     *
     * @return list<Concern>
     */
    private function atOutlets(array $points): array
    {
        $groups = [];
        foreach ($points as $judged) {
            $circuit = $this->feeds->feed($judged->point)->circuit?->id;
            foreach ($judged->findings as $finding) {
                $where = $finding->id === self::NO_FEED || isset(self::ALIKE[$finding->id]) ? '' : $circuit ?? $judged->point->area;
                $groups["{$finding->id} {$finding->severity->value} $where"][] = [$judged, $finding];
            }
        }

        return array_map($this->group(...), array_map(strval(...), array_keys($groups)), array_values($groups));
    }

    /** @param non-empty-list<array{PointAssessment, Finding}> $group findings of one kind, at one place */
    private function group(string $key, array $group): Concern
    {
        [$judged, $finding] = $group[0];
        $points = array_values(array_unique(array_map(fn(array $one): string => $one[0]->point->id, $group)));
        $isNoFeed = $finding->id === self::NO_FEED;

        return new Concern(
            $key,
            $finding->id,
            $isNoFeed ? Urgency::Advice : self::urgency($finding),
            $finding->severity,
            $finding->hazard,
            $finding->clause,
            $this->said($finding, $group, count($points)),
            null,
            $points,
            $isNoFeed,
        );
    }

    /** @param non-empty-list<array{PointAssessment, Finding}> $group */
    private function said(Finding $finding, array $group, int $outlets): string
    {
        $alike = self::ALIKE[$finding->id] ?? null;
        if ($alike !== null) {
            return $alike[$finding->severity === Severity::Advice ? 1 : 0] . ': '
                . ($outlets === 1 ? $group[0][0]->point->code : "$outlets outlets") . '.';
        }
        if ($outlets === 1) {
            return $finding->why;
        }
        if ($finding->id === self::NO_FEED) {
            return "No cable is known to feed $outlets outlets: what protects them is believed, or not known at all.";
        }
        $codes = array_values(array_unique(array_map(fn(array $one): string => $one[0]->point->code, $group)));

        return "{$finding->why} Likewise " . Gaps::codes(array_slice($codes, 1)) . '.';
    }

    private function ofWhole(Finding $finding): Concern
    {
        return new Concern(
            "{$finding->id} {$finding->circuit} {$finding->area} " . implode(' ', $finding->points) . " {$finding->why}",
            $finding->id,
            self::urgency($finding),
            $finding->severity,
            $finding->hazard,
            $finding->clause,
            $finding->why,
            null,
            $finding->points,
        );
    }

    private static function urgency(Finding $finding): Urgency
    {
        return match (true) {
            $finding->isAcute && $finding->severity !== Severity::Advice && $finding->hazard !== Hazard::None => Urgency::Danger,
            $finding->severity === Severity::Advice => Urgency::Advice,
            default => Urgency::Asked,
        };
    }
}

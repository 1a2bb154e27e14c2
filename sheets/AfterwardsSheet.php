<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\Beliefs\WrongBelief;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\CausesThere;
use Bouclier\Core\Practice\Difficulty;
use Bouclier\Core\Practice\Ended;
use Bouclier\Core\Practice\Level;
use Bouclier\Core\Practice\Parting;
use Bouclier\Core\Practice\Road;
use Bouclier\Core\Practice\RoadStep;

/**
 * How a visit went, once its cause is named: what it was, the road that was gone beside the road of the best next tests, where they parted,
 * and what was believed that is not so.
 *
 * @phpstan-type RoadStepShown array{
 *     done: string,
 *     read: string,
 *     minutes: float,
 *     at: float,
 *     open: list<string>,
 *     // What it told of the cause; null where it was no test.
 *     bits: float|null,
 *     danger: bool,
 * }
 * @phpstan-type RoadShown array{
 *     minutes: float,
 *     boxes: int,
 *     bits: float,
 *     steps: list<RoadStepShown>,
 * }
 * @phpstan-type PartingShown array{
 *     // Its number among the steps that were gone.
 *     step: int,
 *     gone: string,
 *     couldTell: float,
 *     // With what would have had to be done before it; null where it could tell nothing worth its minutes.
 *     minutes: float|null,
 *     better: string,
 *     wouldTell: float,
 *     betterMinutes: float,
 *     // The two that were likeliest then, where both would have shown the same.
 *     between: list<string>,
 * }
 * @phpstan-type AfterwardsShown array{
 *     right: bool,
 *     named: string|null,
 *     cause: string,
 *     theme: string,
 *     repair: list<string>,
 *     proof: list<string>,
 *     dangers: list<string>,
 *     gone: RoadShown,
 *     best: RoadShown,
 *     parting: PartingShown|null,
 *     beliefs: list<string>,
 *     level: value-of<Level>,
 *     levelLabel: string,
 *     lookAlikes: float,
 *     again: string,
 * }
 */
final readonly class AfterwardsSheet
{
    private Places $places;

    private CauseWords $causes;

    private function __construct(private Ended $ended, private Road $gone, private Road $best)
    {
        $this->places = $ended->visit->places;
        $this->causes = new CauseWords($this->places);
    }

    /**
     * @param Road $best of the same case
     *
     * @return AfterwardsShown
     */
    public static function of(Ended $ended, Road $best): array
    {
        return (new self($ended, Road::gone($ended->visit), $best))->shown();
    }

    /** @return AfterwardsShown */
    private function shown(): array
    {
        $case = $this->ended->visit->case;
        $hidden = CausesThere::hidden($case);
        $difficulty = Difficulty::of($this->best);

        return [
            'right' => $this->ended->isRight(),
            'named' => $this->ended->named === null ? null : $this->causes->name($this->ended->named),
            'cause' => $this->causes->name($hidden),
            'theme' => $case->kind->label(),
            'repair' => $this->causes->repair($hidden),
            'proof' => $this->causes->proof($hidden),
            'dangers' => array_values(array_filter(array_map(
                fn(RoadStep $step): ?string => $step->done->danger?->title,
                $this->gone->steps,
            ), is_string(...))),
            'gone' => $this->road($this->gone),
            'best' => $this->road($this->best),
            'parting' => $this->parting(),
            'beliefs' => WrongBelief::in($this->ended),
            'level' => $difficulty->level()->value,
            'levelLabel' => $difficulty->level()->label(),
            'lookAlikes' => $difficulty->lookAlikes,
            'again' => Cases::again($case),
        ];
    }

    /** @return RoadShown */
    private function road(Road $road): array
    {
        return [
            'minutes' => $road->minutes(),
            'boxes' => count($road->boxes()),
            'bits' => Road::bits($road->known[0]) - Road::bits($road->end()),
            'steps' => array_map(fn(RoadStep $step): array => [
                'done' => $step->done->deed->done($this->places),
                'read' => $step->done->read,
                'minutes' => $step->done->minutes,
                'at' => $step->done->at,
                'open' => array_map(fn(string $point): string => $this->places->house->point($point)->code, $step->done->open),
                'bits' => $step->bits,
                'danger' => $step->done->danger !== null,
            ], $road->steps),
        ];
    }

    /** @return PartingShown|null */
    private function parting(): ?array
    {
        $parting = Parting::of($this->gone);
        if ($parting === null) {
            return null;
        }
        $likeliest = array_slice($parting->known->suspects(), 0, 2);

        return [
            'step' => $parting->step,
            'gone' => $parting->gone->done($this->places),
            'couldTell' => $parting->couldTell(),
            'minutes' => $parting->proposal?->allMinutes(),
            'better' => implode(', then ', array_map(
                fn($action): string => lcfirst($action->done($this->places)),
                $parting->better->actions,
            )),
            'wouldTell' => $parting->better->gainBits,
            'betterMinutes' => $parting->better->allMinutes(),
            'between' => $parting->leavesTogether()
                ? array_map(fn(array $one): string => $this->causes->name($one[0]->hypothesis), $likeliest)
                : [],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\CausesThere;
use Bouclier\Core\Practice\DeedReader;
use Bouclier\Core\Practice\DrawnHouse;
use Bouclier\Core\Practice\Ended;
use Bouclier\Core\Practice\Level;
use Bouclier\Core\Practice\PracticeCase;
use Bouclier\Core\Practice\Road;
use Bouclier\Core\Practice\Visit;
use Bouclier\Core\Practice\Written\WrittenCases;

/**
 * What the practice page asks, on the server and on a phone without a signal: a visit as it stands after what was done, what the
 * application itself would do next, what may be named as the cause, and how it went.
 *
 * @phpstan-import-type AfterwardsShown from AfterwardsSheet
 * @phpstan-import-type DrillKind from DrillSheet
 * @phpstan-type PracticeAdvice array{
 *     // Where nobody has traced the runs there is none yet.
 *     traced: bool,
 *     settled: bool,
 *     next: array{title: string, minutes: float, why: string}|null,
 *     suspects: list<array{name: string, probability: float}>,
 * }
 * @phpstan-type CauseToName array{
 *     id: string,
 *     name: string,
 *     // Where it is: what is asked first.
 *     place: string,
 * }
 * @phpstan-type PracticeChoices array{
 *     written: list<array{name: string, title: string, words: string}>,
 *     kinds: list<array{value: value-of<CaseKind>, label: string}>,
 *     levels: list<array{value: value-of<Level>, label: string}>,
 *     drills: list<DrillKind>,
 *     least: int,
 *     most: int,
 * }
 */
final class Practising
{
    /** Suspects that are shown. */
    private const NAMED = 5;

    /** @return PracticeChoices */
    public static function choices(): array
    {
        return [
            'written' => array_map(fn(string $case): array => [
                'name' => WrittenCases::nameOf($case),
                'title' => $case::title(),
                'words' => $case::call()->words ?? '',
            ], WrittenCases::ALL),
            'kinds' => array_map(fn(CaseKind $kind): array => ['value' => $kind->value, 'label' => $kind->label()], CaseKind::cases()),
            'levels' => array_map(fn(Level $level): array => ['value' => $level->value, 'label' => $level->label()], Level::cases()),
            'drills' => DrillSheet::kinds(),
            'least' => DrawnHouse::LEAST,
            'most' => DrawnHouse::MOST,
        ];
    }

    /** @return array<mixed> what is asked, by its address */
    public static function answer(string $asked, Body $body): array
    {
        return match ($asked) {
            'visit' => VisitSheet::of(self::visit($body)),
            'advice' => self::advice(self::visit($body)),
            'causes' => self::causes(self::visit($body)),
            'afterwards' => self::afterwards(self::ended($body)),
            'draw' => ['case' => self::draw($body)],
            'drill' => DrillSheet::round($body),
            'drill/answer' => DrillSheet::answered($body),
            default => $body->wrong('ask', 'is nothing that is answered here'),
        };
    }

    public static function ended(Body $body): Ended
    {
        $visit = self::visit($body);
        $named = $body->maybeText('named', 200);
        $cause = $named === null ? null : CausesThere::named($visit->case, $named) ?? $body->wrong('named', 'is no cause there can be');

        return new Ended($visit, $cause);
    }

    /** @return AfterwardsShown */
    public static function afterwards(Ended $ended): array
    {
        return AfterwardsSheet::of($ended, Road::best($ended->visit->case));
    }

    /** A case of a kind, or any, with so many outlets, as hard as asked: its name; null where none could be drawn. */
    public static function draw(Body $body): ?string
    {
        return Cases::drawnAt(...self::wanted($body));
    }

    /** @return array{CaseKind|null, int, int, Level} what is asked for: of which kind, how large, from which number on, how hard */
    public static function wanted(Body $body): array
    {
        $kind = $body->maybeChoice('kind', CaseKind::class);
        $level = $body->choice('level', Level::class);

        return [
            $kind instanceof CaseKind ? $kind : null,
            $body->whole('outlets', DrawnHouse::LEAST, DrawnHouse::MOST),
            $body->whole('seed', 0, Cases::SEEDS - 1),
            $level,
        ];
    }

    private static function visit(Body $body): Visit
    {
        $case = self::case($body);

        return Visit::of($case, DeedReader::read($case, $body));
    }

    private static function case(Body $body): PracticeCase
    {
        return Cases::find($body->text('case', 60)) ?? $body->wrong('case', 'is no case there is');
    }

    /** @return PracticeAdvice */
    private static function advice(Visit $visit): array
    {
        $known = $visit->isTraced() ? CallReader::standing($visit->notebook())?->diagnose() : null;
        if ($known === null) {
            return ['traced' => false, 'settled' => false, 'next' => null, 'suspects' => []];
        }
        $words = new CauseWords($visit->places);
        $next = $known->next();

        return [
            'traced' => true,
            'settled' => $known->settled,
            'next' => $next === null ? null : [
                'title' => implode('; ', array_map(fn($action): string => $action->done($visit->places), $next->actions)),
                'minutes' => $next->allMinutes(),
                'why' => $next->last()->why($visit->places, array_slice($next->actions, 0, -1)),
            ],
            'suspects' => array_map(
                fn(array $one): array => ['name' => $words->name($one[0]->hypothesis), 'probability' => $one[1]],
                array_slice($known->suspects(), 0, self::NAMED),
            ),
        ];
    }

    /** @return list<CauseToName> by where they are */
    private static function causes(Visit $visit): array
    {
        $words = new CauseWords($visit->places);
        $isKnown = fn(Hypothesis $one): bool => $visit->isTraced() || $one->at->cable === null;

        return array_values(array_map(fn(Hypothesis $one): array => [
            'id' => $one->id,
            'name' => $words->name($one),
            'place' => self::place($one, $visit->places),
        ], array_filter(CausesThere::in($visit->case), $isKnown)));
    }

    private static function place(Hypothesis $cause, Places $places): string
    {
        $at = $cause->at;

        return match (true) {
            ! $cause->explains->isFault() && $at->id() === '' => 'Nowhere: how it is used',
            $at->cable !== null => 'On the way to ' . $places->end($at->cable),
            $at->ofAppliance() !== null => 'What is plugged in',
            $at->circuit !== null => 'At the panel',
            default => $places->spot(new Spot(point: $at->point)),
        };
    }
}

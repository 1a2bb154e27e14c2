<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\PracticeDrill;
use App\Models\PracticeVisit;
use App\Models\User;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Dangers\DangerRule;
use Bouclier\Core\Practice\Drills\Drill;
use Bouclier\Sheets\Practising;
use Illuminate\Support\Collection;

/**
 * Where somebody practises: the cases and drills there are, and how it has gone, by theme. Of others the owner sees only what they show.
 *
 * @phpstan-import-type PracticeChoices from Practising
 * @phpstan-type ThemeProgress array{
 *     theme: string,
 *     done: int,
 *     right: int,
 *     minutes: float,
 *     // Those of the best roads of the same cases; null where none is worked out yet.
 *     best: float|null,
 *     dangers: int,
 * }
 * @phpstan-type DrillProgress array{
 *     drill: string,
 *     boxes: int,
 *     right: int,
 *     seconds: int,
 * }
 * @phpstan-type Practised array{
 *     themes: list<ThemeProgress>,
 *     drills: list<DrillProgress>,
 *     // What stopped cases, and how often.
 *     dangers: list<array{danger: string, times: int}>,
 * }
 * @phpstan-type PracticePageShown array{
 *     choices: PracticeChoices,
 *     own: Practised,
 *     shows: bool,
 *     // Of the crew, those who show it; null for who is not the owner.
 *     crew: list<array{name: string, practised: Practised}>|null,
 *     // Written cases that were done right.
 *     solved: list<string>,
 * }
 */
final class PracticePage
{
    /** @return PracticePageShown */
    public static function of(User $user): array
    {
        return [
            'choices' => Practising::choices(),
            'own' => self::practised($user),
            'shows' => $user->shows_practice,
            'crew' => $user->role->maySettle() ? array_values(self::shownBy($user)->map(fn(User $one): array => [
                'name' => $one->name,
                'practised' => self::practised($one),
            ])->all()) : null,
            'solved' => array_values(array_unique(array_map(
                fn(PracticeVisit $one): string => $one->case,
                PracticeVisit::query()->where('user_id', $user->id)->where('is_right', true)->get(['case'])->all(),
            ))),
        ];
    }

    /** @return Collection<int, User> others of the crew who show how it goes */
    public static function shownBy(User $owner): Collection
    {
        return User::query()
            ->where('crew_id', $owner->crew_id)
            ->where('shows_practice', true)
            ->whereKeyNot($owner->id)
            ->orderBy('name')
            ->get()
            ->values();
    }

    /**
     * Each visit and each round of a drill, a line.
     *
     * @return list<list<string>>
     */
    public static function lines(User $user): array
    {
        $visits = PracticeVisit::query()->where('user_id', $user->id)->orderBy('created_at')->get();
        $drills = PracticeDrill::query()->where('user_id', $user->id)->orderBy('created_at')->get();

        return [
            ...$visits->map(fn(PracticeVisit $one): array => [
                $user->name, $one->created_at->toDateString(), 'case', $one->case, CaseKind::from($one->theme)->label(),
                $one->is_right ? '1' : '0', '1', (string) $one->minutes, (string) $one->best_minutes, (string) count($one->dangers),
                $one->with_advice ? 'yes' : 'no',
            ])->all(),
            ...$drills->map(fn(PracticeDrill $one): array => [
                $user->name, $one->created_at->toDateString(), 'drill', "{$one->kind}.{$one->seed}",
                Drill::labelOf($one->kind),
                (string) $one->right, (string) $one->of, (string) round($one->seconds / 60, 1), '', '', '',
            ])->all(),
        ];
    }

    public const COLUMNS = ['person', 'day', 'what', 'name', 'theme', 'right', 'of', 'minutes', 'best_minutes', 'dangers', 'advice'];

    /** @return Practised */
    private static function practised(User $user): array
    {
        $all = PracticeVisit::query()
            ->where('user_id', $user->id)
            ->get(['theme', 'is_right', 'minutes', 'best_minutes', 'dangers']);
        $visits = $all->groupBy('theme');
        $drills = PracticeDrill::query()->where('user_id', $user->id)->get(['kind', 'right', 'of', 'seconds'])->groupBy('kind');
        $themes = $rounds = [];
        foreach (CaseKind::cases() as $kind) {
            $of = $visits->get($kind->value);
            if ($of === null) {
                continue;
            }
            // Minutes stand beside the best of the same cases alone.
            $judged = $of->filter(fn(PracticeVisit $one): bool => $one->best_minutes !== null);
            $themes[] = [
                'theme' => $kind->label(),
                'done' => $of->count(),
                'right' => $of->filter(fn(PracticeVisit $one): bool => $one->is_right)->count(),
                'minutes' => ($judged->isEmpty() ? $of : $judged)->sum(fn(PracticeVisit $one): float => $one->minutes),
                'best' => $judged->isEmpty() ? null : $judged->sum(fn(PracticeVisit $one): float => $one->best_minutes ?? 0.0),
                'dangers' => $of->sum(fn(PracticeVisit $one): int => count($one->dangers)),
            ];
        }
        foreach (Drill::ALL as $drill) {
            $of = $drills->get($drill::name());
            if ($of !== null) {
                $rounds[] = [
                    'drill' => $drill::label(),
                    'boxes' => $of->sum(fn(PracticeDrill $one): int => $one->of),
                    'right' => $of->sum(fn(PracticeDrill $one): int => $one->right),
                    'seconds' => $of->sum(fn(PracticeDrill $one): int => $one->seconds),
                ];
            }
        }

        $stopped = array_count_values(array_merge(...array_values($all->map(fn(PracticeVisit $one): array => $one->dangers)->all())));
        $dangers = [];
        foreach (DangerRule::ALL as $rule) {
            if (isset($stopped[$rule::name()])) {
                $dangers[] = ['danger' => $rule::label(), 'times' => $stopped[$rule::name()]];
            }
        }

        return ['themes' => $themes, 'drills' => $rounds, 'dangers' => $dangers];
    }
}

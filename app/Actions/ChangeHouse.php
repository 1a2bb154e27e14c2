<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\Revision;
use App\Models\User;
use App\Persistence\Change;
use App\Persistence\HouseDocument;
use App\Persistence\HouseStore;
use App\Persistence\Patch;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\Proving;
use Bouclier\Core\Live\Switching;
use Illuminate\Support\Facades\DB;

/**
 * Changes a house by one revision: an edit, an undo, a redo or a return to an earlier state. One transaction each, which stores what
 * turning it back needs.
 *
 * Undo and redo are two stacks, linked through the revisions: a revision's `undo_top` is the revision that undo turns back once it
 * stands; what lies below that one is the `undo_top` of the revision before it.
 *
 * @throws StaleRevision when the house has moved on since the revision named
 */
final readonly class ChangeHouse
{
    public function __construct(private HouseStore $store)
    {
    }

    /**
     * @param list<Patch> $patches
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile when the result is not a house; nothing is stored
     */
    public function edit(House $house, User $user, int $onRevision, array $patches): CoreHouse
    {
        return $this->into($house, $user, $onRevision, function (CoreHouse $core, HouseDocument $before) use ($patches): CoreHouse {
            return Switching::kept($core, $before->with(array_map(fn(Patch $patch): Change => $patch->on($before), $patches))->toHouse());
        });
    }

    /**
     * Any change the core knows how to make.
     *
     * @param int|null $onRevision null for what is only added to the house: that cannot clash with what others do to it
     * @param \Closure(CoreHouse, HouseDocument): CoreHouse $change
     */
    public function into(House $house, User $user, ?int $onRevision, \Closure $change, ?string $summary = null): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user, $change, $summary): CoreHouse {
            [$document, $changes, $after] = $this->changed($core, $change);
            if ($changes !== []) {
                $this->record(
                    $house,
                    $user,
                    'edit',
                    $changes,
                    $document,
                    $summary ?? Summary::of($changes),
                    null,
                    $house->revision + 1,
                    null,
                );
            }

            return $after;
        });
    }

    /**
     * What happened in the house itself, a breaker turned or a point proved dead: kept like a change, but undo passes it by.
     *
     * @param \Closure(CoreHouse): CoreHouse $happening
     */
    public function happened(House $house, User $user, \Closure $happening, string $summary): CoreHouse
    {
        return $this->inTurn($house, null, function (House $house, CoreHouse $core) use ($user, $happening, $summary): CoreHouse {
            [$document, $changes, $after] = $this->changed($core, $happening);
            if ($changes !== []) {
                $now = $this->revision($house, $house->revision);
                $this->record($house, $user, 'happened', $changes, $document, $summary, null, $now?->undo_top, $now?->redo_top);
            }

            return $after;
        });
    }

    /**
     * @param \Closure(CoreHouse, HouseDocument): CoreHouse $change
     *
     * @return array{HouseDocument, list<Change>, CoreHouse}
     */
    private function changed(CoreHouse $core, \Closure $change): array
    {
        $before = HouseDocument::of($core);
        $after = Proving::upheld($core, $change($core, $before), Clock::now());
        $document = HouseDocument::of($after);

        return [$document, $before->changesTo($document), $after];
    }

    /** @throws NothingToTurnBack */
    public function undo(House $house, User $user, int $onRevision): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user): CoreHouse {
            $target = $this->revision($house, $this->revision($house, $house->revision)?->undo_top) ?? throw new NothingToTurnBack();
            $below = $this->revision($house, $target->number - 1);

            return $this->turnBack($house, $user, $core, $target, 'undo', $below?->undo_top, $house->revision + 1);
        });
    }

    /** @throws NothingToTurnBack */
    public function redo(House $house, User $user, int $onRevision): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user): CoreHouse {
            $target = $this->revision($house, $this->revision($house, $house->revision)?->redo_top) ?? throw new NothingToTurnBack();
            $below = $this->revision($house, $target->number - 1);

            return $this->turnBack($house, $user, $core, $target, 'redo', $house->revision + 1, $below?->redo_top);
        });
    }

    /** Goes back to what the house was after an earlier revision, as a change of its own that can be undone like any other. */
    public function restore(House $house, User $user, int $onRevision, int $number, CoreHouse $old): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user, $number, $old): CoreHouse {
            $old = Proving::upheld($core, Switching::kept($core, $old), Clock::now());
            $document = HouseDocument::of($old);
            $changes = HouseDocument::of($core)->changesTo($document);
            if ($changes !== []) {
                $this->record(
                    $house,
                    $user,
                    'restore',
                    $changes,
                    $document,
                    "Restored as it was after change $number",
                    $number,
                    $house->revision + 1,
                    null,
                );
            }

            return $old;
        });
    }

    private function turnBack(
        House $house,
        User $user,
        CoreHouse $core,
        Revision $target,
        string $kind,
        ?int $undoTop,
        ?int $redoTop,
    ): CoreHouse {
        $changes = $target->turnedBack();
        $before = HouseDocument::of($core);
        $after = Proving::upheld($core, Switching::kept($core, $before->with($changes)->toHouse()), Clock::now());
        $document = HouseDocument::of($after);
        $this->record(
            $house,
            $user,
            $kind,
            $before->changesTo($document),
            $document,
            $target->summary,
            $target->number,
            $undoTop,
            $redoTop,
        );

        return $after;
    }

    /**
     * @param \Closure(House, CoreHouse): CoreHouse $change
     */
    private function inTurn(House $house, ?int $onRevision, \Closure $change): CoreHouse
    {
        return DB::transaction(function () use ($house, $onRevision, $change): CoreHouse {
            $locked = House::query()->lockForUpdate()->findOrFail($house->id);
            if ($onRevision !== null && $locked->revision !== $onRevision) {
                throw new StaleRevision(
                    $locked->revision,
                    $locked->revisions()->with('user')->where('number', '>', $onRevision)->orderBy('number')->get(),
                );
            }
            $after = $change($locked, $this->store->load($locked));
            $house->setRawAttributes($locked->getAttributes(), true);

            return $after;
        });
    }

    /** @param list<Change> $changes */
    private function record(
        House $house,
        User $user,
        string $kind,
        array $changes,
        HouseDocument $after,
        string $summary,
        ?int $of,
        ?int $undoTop,
        ?int $redoTop,
    ): void {
        $house->revision += 1;
        $this->store->write($house, $changes, $after);
        $house->save();
        $house->revisions()->create([
            'user_id' => $user->id,
            'number' => $house->revision,
            'kind' => $kind,
            'summary' => mb_strimwidth($summary, 0, 300, '…'),
            'changed_parts' => $changes,
            'of_number' => $of,
            'undo_top' => $undoTop,
            'redo_top' => $redoTop,
        ]);
    }

    private function revision(House $house, ?int $number): ?Revision
    {
        return $number === null ? null : $house->revisions()->where('number', $number)->first();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\Revision;
use App\Models\User;
use App\Persistence\HouseHistory;
use App\Persistence\HouseStore;
use App\Support\Asking;
use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Summary;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Support\Facades\DB;

/**
 * Changes a house by one revision: a command, an undo, a redo or a return to an earlier state. One transaction each, which stores what
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
     * @param int|null $onRevision null for what is only added to the house: that cannot clash with what others do to it
     *
     * @throws \Exception as {@see Command::on()} does; nothing is stored then
     */
    public function by(Command $command, House $house, User $user, ?int $onRevision = null): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user, $command): CoreHouse {
            $changed = Changed::by($command, $core, Asking::of($user));
            $summary = $command->summary($core) ?? Summary::of($changed->parts);
            $now = $command instanceof Happening ? $this->revision($house, $house->revision) : null;

            return match (true) {
                $changed->parts === [] => $changed->house,
                // Undo passes it by: what it turned back before it turns back still.
                $command instanceof Happening => $this->record(
                    $house,
                    $user,
                    $changed,
                    'happened',
                    $summary,
                    null,
                    $now?->undo_top,
                    $now?->redo_top,
                ),
                default => $this->record($house, $user, $changed, 'edit', $summary, null, $house->revision + 1, null),
            };
        });
    }

    /**
     * One after the other, each a revision of its own; all of them or none.
     *
     * @param non-empty-list<Command> $commands
     *
     * @throws \Exception as {@see Command::on()} does
     */
    public function byAll(array $commands, House $house, User $user): CoreHouse
    {
        return DB::transaction(function () use ($commands, $house, $user): CoreHouse {
            $after = array_map(fn(Command $command): CoreHouse => $this->by($command, $house, $user), $commands);

            return $after[count($after) - 1];
        });
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
            $changed = Changed::backTo($old, $core, Asking::of($user)->now);
            $summary = "Restored as it was after change $number";

            return $changed->parts === []
                ? $changed->house
                : $this->record($house, $user, $changed, 'restore', $summary, $number, $house->revision + 1, null);
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
        $then = HouseDocument::of($core)->with(HouseHistory::turnedBack($target))->toHouse();
        $changed = Changed::backTo($then, $core, Asking::of($user)->now);

        return $this->record($house, $user, $changed, $kind, $target->summary, $target->number, $undoTop, $redoTop);
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

    private function record(
        House $house,
        User $user,
        Changed $changed,
        string $kind,
        string $summary,
        ?int $of,
        ?int $undoTop,
        ?int $redoTop,
    ): CoreHouse {
        $house->revision += 1;
        $this->store->write($house, $changed->parts, $changed->document);
        $house->progress = HouseStore::progressOf($changed->house);
        $house->save();
        $house->revisions()->create([
            'user_id' => $user->id,
            'number' => $house->revision,
            'kind' => $kind,
            'summary' => mb_strimwidth($summary, 0, 300, '…'),
            'changed_parts' => $changed->parts,
            'of_number' => $of,
            'undo_top' => $undoTop,
            'redo_top' => $redoTop,
        ]);

        return $changed->house;
    }

    private function revision(House $house, ?int $number): ?Revision
    {
        return $number === null ? null : $house->revisions()->where('number', $number)->first();
    }
}

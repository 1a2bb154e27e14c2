<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\Revision;
use App\Models\User;
use App\Persistence\HouseHistory;
use App\Persistence\HouseStore;
use App\Support\Asking;
use App\Support\Sent;
use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Clash;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\NothingToTurnBack;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Sets;
use Bouclier\Core\Change\Summary;
use Bouclier\Core\Change\TurnedBack;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Changes a house by one revision: a command, an undo, a redo or a return to an earlier state. One transaction each, which stores what
 * turning it back needs.
 *
 * Each phone turns back its own changes: undo and redo are two stacks of a phone, linked through its revisions. A revision's `undo_top` is
 * the revision that undo turns back once it stands; what lies below that one is the `undo_top` of the phone's revision before it.
 */
final readonly class ChangeHouse
{
    public function __construct(private HouseStore $store)
    {
    }

    /**
     * @param int|null $onRevision where it was thought through on one: nothing may have been done since
     *
     * @throws StaleRevision when it was
     * @throws Clashed when somebody else has set the same field otherwise since it was done
     * @throws \Exception as {@see Command::on()} does; nothing is stored then
     */
    public function by(Command $command, House $house, User $user, Sent $sent = new Sent(), ?int $onRevision = null): CoreHouse
    {
        return $this->inTurn($house, $onRevision, function (House $house, CoreHouse $core) use ($user, $command, $sent): CoreHouse {
            $asker = Asking::of($user, $sent);
            if ($command instanceof Sets && $sent->knew !== null) {
                $this->mustNotClash($command->patches($core, $asker), $house, $user, $sent->knew);
            }
            $changed = Changed::by($command, $core, $asker);
            $summary = $command->summary($core) ?? Summary::of($changed->parts);
            $now = $command instanceof Happening ? $this->lastOf($house, $user) : null;

            return match (true) {
                $changed->parts === [] => $changed->house,
                // Undo passes it by: what it turned back before it turns back still.
                $command instanceof Happening => $this->record(
                    $house,
                    $user,
                    $sent,
                    $changed,
                    'happened',
                    $summary,
                    null,
                    $now?->undo_top,
                    $now?->redo_top,
                ),
                default => $this->record($house, $user, $sent, $changed, 'edit', $summary, null, $house->revision + 1, null),
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
    public function byAll(array $commands, House $house, User $user, Sent $sent = new Sent()): CoreHouse
    {
        return DB::transaction(function () use ($commands, $house, $user, $sent): CoreHouse {
            $after = array_map(fn(Command $command): CoreHouse => $this->by($command, $house, $user, $sent), $commands);

            return $after[count($after) - 1];
        });
    }

    /**
     * Takes back the last change of the phone that asks, whatever others did since.
     *
     * @throws NothingToTurnBack
     * @throws \Bouclier\Core\Change\ChangedSince when somebody else has changed the same since
     */
    public function undo(House $house, User $user, Sent $sent = new Sent()): CoreHouse
    {
        return $this->inTurn($house, null, function (House $house, CoreHouse $core) use ($user, $sent): CoreHouse {
            $target = $this->revision($house, $this->lastOf($house, $user)?->undo_top) ?? throw new NothingToTurnBack();
            $below = $this->lastOf($house, $user, $target->number);

            return $this->turnBack($house, $user, $sent, $core, $target, 'undo', $below?->undo_top, $house->revision + 1);
        });
    }

    /**
     * @throws NothingToTurnBack
     * @throws \Bouclier\Core\Change\ChangedSince
     */
    public function redo(House $house, User $user, Sent $sent = new Sent()): CoreHouse
    {
        return $this->inTurn($house, null, function (House $house, CoreHouse $core) use ($user, $sent): CoreHouse {
            $target = $this->revision($house, $this->lastOf($house, $user)?->redo_top) ?? throw new NothingToTurnBack();
            $below = $this->lastOf($house, $user, $target->number);

            return $this->turnBack($house, $user, $sent, $core, $target, 'redo', $house->revision + 1, $below?->redo_top);
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
                : $this->record($house, $user, new Sent(), $changed, 'restore', $summary, $number, $house->revision + 1, null);
        });
    }

    private function turnBack(
        House $house,
        User $user,
        Sent $sent,
        CoreHouse $core,
        Revision $target,
        string $kind,
        ?int $undoTop,
        ?int $redoTop,
    ): CoreHouse {
        $then = TurnedBack::in(HouseDocument::of($core), HouseHistory::changesOf($target))->toHouse();
        $changed = Changed::backTo($then, $core, Asking::of($user, $sent)->now);

        return $this->record($house, $user, $sent, $changed, $kind, $target->summary, $target->number, $undoTop, $redoTop);
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
        Sent $sent,
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
            'phone' => Asking::phone(),
            'command' => $sent->id,
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

    /** The last revision of the phone that asks, before another or at all; of who asks where the phone has no name. */
    private function lastOf(House $house, User $user, ?int $before = null): ?Revision
    {
        return Revision::ownOf($house, $user, Asking::phone())
            ->when($before !== null, fn(Builder $query): Builder => $query->where('number', '<', $before))
            ->orderByDesc('number')
            ->first();
    }

    /**
     * @param list<Patch> $patches
     *
     * @throws Clashed
     */
    private function mustNotClash(array $patches, House $house, User $user, int $knew): void
    {
        $clashes = [];
        $own = Revision::ownOf($house, $user, Asking::phone())->where('number', '>', $knew)->pluck('number');
        foreach ($house->revisions()->with('user')->where('number', '>', $knew)->whereNotIn('number', $own)->get() as $revision) {
            foreach (Clash::between($patches, HouseHistory::changesOf($revision)) as $clash) {
                $clashes[] = [$clash, $revision];
            }
        }
        if ($clashes !== []) {
            throw new Clashed($clashes);
        }
    }
}

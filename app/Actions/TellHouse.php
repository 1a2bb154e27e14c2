<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\Told;
use App\Models\User;
use App\Persistence\Diagnosed;
use App\Persistence\HouseStore;
use App\Support\Asking;
use App\Support\Sent;
use Bouclier\Core\Change\Commands\CloseCall;
use Bouclier\Core\Change\Commands\EnterLine;
use Bouclier\Core\Change\Leads;
use Bouclier\Core\Change\Told as ToldCommand;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Sheets\EntrySheet;

/** Carries out what is told of a house from a page or a phone. */
final readonly class TellHouse
{
    private const TRIES = 3;

    public function __construct(private HouseStore $store, private ChangeHouse $change)
    {
    }

    /**
     * What takes long to think through is thought through before the house is locked; where somebody adds to it meanwhile, once more.
     *
     * @template T
     *
     * @param \Closure(ToldCommand, int|null): T $tell with the revision it was thought through on, null where none was needed
     *
     * @return T
     *
     * @throws StaleRevision when the house changed again and again meanwhile
     */
    public function thoughtThrough(ToldCommand $command, House $house, \Closure $tell): mixed
    {
        if (! $command instanceof CloseCall) {
            return $tell($command, null);
        }
        for ($try = 1;; ++$try) {
            $row = House::query()->findOrFail($house->id);
            $core = $this->store->load($row);
            $conclusion = Conclusion::of($core, Diagnosed::of($row, $core));
            try {
                return $tell($command->concluded($conclusion), $row->revision);
            } catch (StaleRevision $stale) {
                if ($try === self::TRIES) {
                    throw $stale;
                }
            }
        }
    }

    /**
     * @return array{CoreHouse, array<string, mixed>} the house after it, and what is said beside it
     *
     * @throws \Exception as {@see ChangeHouse::by()} does
     */
    public function told(ToldCommand $command, ?int $onRevision, House $house, User $user, Sent $sent): array
    {
        $said = [];
        if ($command instanceof EnterLine) {
            $command = $this->inItsPlace($command, $house, $sent);
            $now = $this->store->load(House::query()->findOrFail($house->id))->seeded($sent->id);
            $line = $command->read($now, Asking::of($user, $sent));
            $said['entered'] = EntrySheet::entered($line);
        }
        $after = $command instanceof Leads
            ? $this->change->byAll([$command, ...$command->leadsTo()], $house, $user, $sent)
            : $this->change->by($command, $house, $user, $sent, $onRevision);

        return [$after, $said];
    }

    /** A line goes on where the line before it left, be that what it may: it may have been typed before that one was answered. */
    private function inItsPlace(EnterLine $line, House $house, Sent $sent): EnterLine
    {
        $entered = Told::before($house, $sent->after)?->said->entered ?? null;
        $entered = $entered instanceof \stdClass ? get_object_vars($entered) : [];
        $text = fn(string $key): ?string => is_string($entered[$key] ?? null) ? $entered[$key] : null;

        return $line->after($text('area'), $text('in') === 'points' ? $text('id') : null);
    }
}

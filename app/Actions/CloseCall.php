<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\Judged;
use App\Support\Clock;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Records\OpenItem;
use Bouclier\Core\Records\OpenItems;

/**
 * Closes the call of a house with what it came to, and what is left to do. It is thought through before the house is locked; where somebody
 * adds to it meanwhile, it is thought through once more.
 */
final readonly class CloseCall
{
    private const TRIES = 3;

    public function __construct(private HouseStore $store, private ChangeHouse $change)
    {
    }

    /**
     * @param string|null $left what is left to do
     * @param string|null $due a date
     *
     * @throws StaleRevision when the house changed again and again meanwhile
     */
    public function __invoke(House $house, User $user, ?string $note, ?string $left, ?string $due): CoreHouse
    {
        for ($try = 1;; ++$try) {
            $row = House::query()->findOrFail($house->id);
            $core = $this->store->load($row);
            $conclusion = Conclusion::of($core, CallReader::standing(Judged::by($row, $core), Judged::priors($row)));
            try {
                $close = fn(CoreHouse $now): CoreHouse => self::closed($now, $conclusion, $user->name, $note, $left, $due);

                return $this->change->into($house, $user, $row->revision, $close, 'The call closed');
            } catch (StaleRevision $stale) {
                if ($try === self::TRIES) {
                    throw $stale;
                }
            }
        }
    }

    private static function closed(
        CoreHouse $house,
        Conclusion $conclusion,
        string $who,
        ?string $note,
        ?string $left,
        ?string $due,
    ): CoreHouse {
        $closed = OpenCall::closed($house, $conclusion, $who, Clock::now(), $note);

        return $left === null
            ? $closed
            : OpenItems::added($closed, new OpenItem($left, 'the call', due: $due, at: Clock::now(), who: $who));
    }
}

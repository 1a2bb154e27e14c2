<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use Bouclier\Core\Change\Commands\CloseCall;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House as CoreHouse;

/**
 * Closes the call of a house with what it came to, and what is left to do. It is thought through before the house is locked; where somebody
 * adds to it meanwhile, it is thought through once more.
 */
final readonly class ConcludeCall
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
                return $this->change->by(new CloseCall($conclusion, $note, $left, $due), $house, $user, $row->revision);
            } catch (StaleRevision $stale) {
                if ($try === self::TRIES) {
                    throw $stale;
                }
            }
        }
    }
}

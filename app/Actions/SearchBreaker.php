<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\House;
use App\Models\Hunt;
use App\Models\User;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Commands\FlipForHunt;
use Bouclier\Core\Change\Commands\LightOutlet;
use Bouclier\Core\Change\Commands\LookForHunt;
use Bouclier\Core\Live\BreakerHunt;
use Illuminate\Support\Facades\DB;

/** Two phones at the panel: each answer moves the search on by one step and files what it showed, both or neither. */
final readonly class SearchBreaker
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    /** A new search takes the place of the one before. */
    public function begin(House $house, User $user, string $point): Hunt
    {
        $hunt = BreakerHunt::begun($this->store->load($house), $point);

        return DB::transaction(function () use ($house, $user, $hunt, $point): Hunt {
            $this->change->by(new LightOutlet($point), $house, $user);
            $house->hunt()->lockForUpdate()->delete();

            return Hunt::query()->create(['house_id' => $house->id, 'user_id' => $user->id, 'step' => 0, 'state' => $hunt->toData()]);
        });
    }

    /** Breakers were turned as asked. */
    public function flipped(House $house, User $user, int $step): void
    {
        $this->answered($house, $step, function (BreakerHunt $hunt) use ($house, $user): BreakerHunt {
            $this->change->by(new FlipForHunt($hunt), $house, $user);

            return $hunt->flipped();
        });
    }

    public function looked(House $house, User $user, int $step, bool $wentOut): void
    {
        $this->answered($house, $step, function (BreakerHunt $hunt) use ($house, $user, $wentOut): BreakerHunt {
            $after = $this->change->by(new LookForHunt($hunt, $wentOut), $house, $user);

            return $hunt->looked($after, $wentOut);
        });
    }

    /**
     * An answer to a question that is no longer asked is passed over: the other phone was quicker.
     *
     * @param \Closure(BreakerHunt): BreakerHunt $answer
     */
    private function answered(House $house, int $step, \Closure $answer): void
    {
        DB::transaction(function () use ($house, $step, $answer): void {
            $row = $house->hunt()->lockForUpdate()->first();
            $hunt = $row === null ? null : BreakerHunt::fromData($row->state);
            if ($row !== null && $hunt !== null && $row->step === $step && $hunt->standsIn($this->store->load($house))) {
                $row->update(['step' => $step + 1, 'state' => $answer($hunt)->toData()]);
            }
        });
    }
}

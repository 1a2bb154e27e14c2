<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\House;
use App\Models\User;
use App\Persistence\Diagnosed;
use App\Persistence\HouseStore;
use Bouclier\Sheets\StepCards;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Thinks the likeliest answers to the next test of a call through, while it is done. Run twice it finds everything thought through; run
 * late, when the house is another, it does nothing.
 *
 * @phpstan-import-type StepCard from StepCards
 */
final class ThinkAhead implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    /**
     * @param string $house its id
     * @param string $user who looks at it: what is said is said in their units
     * @param StepCard $next
     */
    public function __construct(
        private readonly string $house,
        private readonly int $revision,
        private readonly string $user,
        private readonly array $next,
    ) {
    }

    public function handle(HouseStore $store): void
    {
        $row = House::query()->with('crew')->find($this->house);
        $user = User::query()->find($this->user);
        if ($row !== null && $user !== null && $row->revision === $this->revision) {
            auth()->setUser($user);
            Diagnosed::ahead($row, $store->load($row), $this->next);
        }
    }
}

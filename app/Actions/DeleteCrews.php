<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\User;
use App\Persistence\HouseStore;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Deletes the crews whose days of grace are over, with their houses, photographs and accounts. */
final readonly class DeleteCrews
{
    public function __construct(private HouseStore $store)
    {
    }

    /** @return int how many */
    public function __invoke(): int
    {
        $due = Crew::query()->where('deletes_at', '<=', now())->get();
        foreach ($due as $crew) {
            $houses = $crew->houses()->pluck('id');
            DB::transaction(function () use ($crew): void {
                $crew->users()->get()->each(function (User $user): void {
                    $user->endOtherSessions();
                    $user->delete();
                });
                $crew->houses()->get()->each($this->store->remove(...));
                $crew->delete();
            });
            $houses->each(fn(string $house): bool => Storage::deleteDirectory("photos/$house"));
        }

        return $due->count();
    }
}

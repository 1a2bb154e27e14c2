<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use Illuminate\Support\Facades\DB;

/** One number of a crew's own in place of the one that ships; none puts that back. Many at once each keep theirs. */
final readonly class KeepOwn
{
    /**
     * @param 'leakage'|'priors' $list
     * @param float|list<float>|null $value
     */
    public function __invoke(Crew $crew, string $list, string $name, float|array|null $value): void
    {
        DB::transaction(function () use ($crew, $list, $name, $value): void {
            $locked = Crew::query()->lockForUpdate()->findOrFail($crew->id);
            $own = $locked->{$list} ?? [];
            unset($own[$name]);
            $locked->update([$list => $value === null ? $own : [...$own, $name => $value]]);
        });
        $crew->refresh();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;
use Bouclier\Core\Change\Commands\TakePage;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\Loose;
use Illuminate\Support\Facades\DB;

/** What came back on a page left with the householder goes into the call, once. */
final readonly class TakeAnswers
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function __invoke(House $house, User $user, string $link): CoreHouse
    {
        return DB::transaction(function () use ($house, $user, $link): CoreHouse {
            $page = OutsideLink::query()->where('house_id', $house->id)->lockForUpdate()->findOrFail($link);
            abort_if($page->answered === null, 422, 'Nothing has come back on that page yet.');
            abort_if($page->taken_at !== null, 422, 'That page was taken into the call before.');
            $page->update(['taken_at' => now()]);
            $action = is_object($page->asked->action ?? null) ? $page->asked->action : null;
            $trial = $page->purpose === LinkPurpose::Trial ? new Loose($action === null ? [] : get_object_vars($action)) : null;
            $answered = array_filter(get_object_vars($page->answered), is_string(...));

            return $this->change->by(new TakePage($trial, $answered, $page->id), $house, $user);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use App\Models\User;
use Bouclier\Core\Change\Command;

/** What who lives there tells on a page that was left with them: done in the name of who left it, or of the crew's first owner since. */
final readonly class HearOwner
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function __invoke(string $token, Command $said): void
    {
        $link = OutsideLink::query()->where('token', $token)
            ->whereIn('purpose', [LinkPurpose::House, LinkPurpose::Device])->firstOrFail();
        abort_unless($link->isOpen(), 410);
        $user = User::query()->find($link->user_id)
            ?? User::query()->where('crew_id', $link->house->crew_id)->orderBy('created_at')->firstOrFail();
        $this->change->by($said, $link->house, $user);
        $link->update(['answered_at' => now(), 'last_seen_at' => now()]);
    }
}

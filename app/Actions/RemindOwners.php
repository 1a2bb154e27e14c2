<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use App\Notifications\TestsDue;
use App\Persistence\HouseStore;
use Bouclier\Sheets\OwnerSheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Notification;

/** Reminds who lives in a house of the monthly tests that are due: by mail, where an address was left, and once a month. */
final readonly class RemindOwners
{
    public function __construct(private HouseStore $store)
    {
    }

    /** @return int mails sent */
    public function __invoke(): int
    {
        $sent = 0;
        OutsideLink::query()->with('house')->where('purpose', LinkPurpose::House)->whereNotNull('mail')
            ->whereNull('withdrawn_at')->where('expires_at', '>', now())
            ->where(fn(Builder $query) => $query->whereNull('reminded_at')->orWhere('reminded_at', '<=', now()->subMonthNoOverflow()))
            ->lazyById()->each(function (OutsideLink $link) use (&$sent): void {
                // One that cannot be sent is tried again tomorrow, and keeps nobody else's from being sent.
                $sent += rescue(fn(): int => $this->remind($link), 0);
            });

        return $sent;
    }

    private function remind(OutsideLink $link): int
    {
        $page = OwnerSheet::of($this->store->load($link->house), now()->toDateString());
        if ($page['due'] === []) {
            return 0;
        }
        $where = array_map(fn(string $device): string => $page['devices']->all[$device]['where'], $page['due']);
        Notification::route('mail', $link->mail)->notify(new TestsDue($link, $where));
        $link->update(['reminded_at' => now()]);

        return 1;
    }
}

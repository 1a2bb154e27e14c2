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
                $page = OwnerSheet::of($this->store->load($link->house), now()->toDateString());
                if ($page['due'] !== []) {
                    $where = array_map(fn(string $device): string => $page['devices']->all[$device]['where'], $page['due']);
                    Notification::route('mail', $link->mail)->notify(new TestsDue($link, $where));
                    $link->update(['reminded_at' => now()]);
                    ++$sent;
                }
            });

        return $sent;
    }
}

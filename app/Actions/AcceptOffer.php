<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use App\Models\User;
use App\Pages\OfferPage;
use Bouclier\Core\Change\Commands\FileAcceptance;
use Bouclier\Core\House\Entries\OfferAccepted;
use Illuminate\Support\Facades\DB;

/** What a customer chooses of an offer is kept; with a name it is accepted, once, and filed in the house. */
final readonly class AcceptOffer
{
    public function __construct(private ChangeHouse $change)
    {
    }

    /** @param list<string> $ticked keys of the lines that are chosen */
    public function __invoke(string $token, array $ticked, ?string $name): void
    {
        DB::transaction(function () use ($token, $ticked, $name): void {
            $link = OutsideLink::query()->where('token', $token)->where('purpose', LinkPurpose::Offer)->lockForUpdate()->firstOrFail();
            abort_unless($link->isOpen(), 410);
            abort_if(isset($link->answered->name), 422, 'It was accepted before.');
            abort_if($name !== null && $ticked === [], 422, 'Nothing is chosen.');
            $link->update([
                'answered' => (object) ['ticked' => $ticked, ...($name === null ? [] : ['name' => $name])],
                'answered_at' => now(),
                'last_seen_at' => now(),
            ]);
            $user = User::query()->find($link->user_id);
            if ($name !== null && $user !== null) {
                $this->change->by(new FileAcceptance($this->accepted($link, $name)), $link->house, $user);
            }
        });
    }

    private function accepted(OutsideLink $link, string $name): OfferAccepted
    {
        $shown = OfferPage::shown($link);
        $chosen = array_filter($shown['offered']['lines'], fn(array $line): bool => in_array($line['key'], $shown['ticked'], true));

        return new OfferAccepted(
            text: implode("\n", array_map(fn(array $line): string => $line['title'], $chosen)),
            total: $shown['total'],
            acceptedBy: $name,
            acceptedAt: now()->utc()->format('Y-m-d\TH:i:s\Z'),
            validUntil: $shown['offered']['validUntil'],
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Sheets\ById;
use Bouclier\Sheets\StepCards;
use Bouclier\Sheets\TripsSheet;

/**
 * A page for somebody outside the crew: as the crew sees it beside the call, and as it is seen outside.
 *
 * @phpstan-import-type Question from TripsSheet
 * @phpstan-import-type TrialRule from StepCards
 * @phpstan-type LeftPage object{questions?: list<Question>, rule?: list<TrialRule>, action?: object{days?: int}}
 * @phpstan-type HouseholderPage array{
 *     id: string,
 *     kind: value-of<LinkPurpose>,
 *     url: string,
 *     asked: LeftPage,
 *     // By the question, or by the day.
 *     answered: ById<string>|null,
 *     answeredAt: string|null,
 *     // What a trial is worth if it is taken in now.
 *     worth: string|null,
 *     taken: bool,
 *     withdrawn: bool,
 *     // Open to who has the address.
 *     open: bool,
 *     endsAt: string,
 *     seenAt: string|null,
 *     madeAt: string,
 * }
 */
final class OutsidePage
{
    /** @return HouseholderPage */
    public static function line(OutsideLink $link): array
    {
        $noted = array_filter(get_object_vars($link->answered ?? new \stdClass()), is_string(...));
        /** @var LeftPage&\stdClass $asked as it was left */
        $asked = $link->asked;

        return [
            'id' => $link->id,
            'kind' => $link->purpose->value,
            'url' => $link->url(),
            'asked' => $asked,
            'answered' => $link->answered === null ? null : new ById($noted),
            'answeredAt' => $link->answered_at?->toIso8601String(),
            'worth' => $link->purpose === LinkPurpose::Trial
                ? HouseholderAnswers::worth(
                    self::days($link),
                    count($noted),
                    count(array_filter($noted, fn(string $said): bool => $said === 'yes')),
                )
                : null,
            'taken' => $link->taken_at !== null,
            'withdrawn' => $link->withdrawn_at !== null,
            'open' => $link->isOpen(),
            'endsAt' => $link->expires_at->toIso8601String(),
            'seenAt' => $link->last_seen_at?->toIso8601String(),
            'madeAt' => $link->created_at->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> nothing of the house but what is asked */
    public static function page(OutsideLink $link): array
    {
        if (! $link->isOpen()) {
            return ['kind' => 'ended', 'asked' => (object) [], 'answered' => (object) [], 'token' => '', 'today' => '', 'since' => ''];
        }

        if ($link->purpose === LinkPurpose::Offer) {
            return ['kind' => LinkPurpose::Offer->value, 'offer' => OfferPage::shown($link), 'token' => $link->token];
        }

        if ($link->purpose === LinkPurpose::House || $link->purpose === LinkPurpose::Device) {
            return ['kind' => $link->purpose->value, 'token' => $link->token, ...OwnerPages::shown($link)];
        }

        return [
            'kind' => $link->purpose->value,
            'asked' => $link->asked,
            'answered' => $link->answered ?? (object) [],
            'token' => $link->token,
            'today' => now()->format('Y-m-d'),
            'since' => $link->created_at->format('Y-m-d'),
        ];
    }

    private static function days(OutsideLink $link): int
    {
        $action = ($link->asked->action ?? null) instanceof \stdClass ? $link->asked->action : new \stdClass();

        return is_numeric($action->days ?? null) ? (int) $action->days : 0;
    }
}

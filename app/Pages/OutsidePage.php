<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Enums\LinkPurpose;
use App\Models\OutsideLink;
use Bouclier\Core\Diagnose\HouseholderAnswers;

/** A page for somebody outside the crew: as the crew sees it beside the call, and as it is seen outside. */
final class OutsidePage
{
    /** @return array<string, mixed> */
    public static function line(OutsideLink $link): array
    {
        $noted = array_filter(get_object_vars($link->answered ?? new \stdClass()), is_string(...));

        return [
            'id' => $link->id,
            'kind' => $link->purpose->value,
            'url' => url("/for-you/{$link->token}"),
            'asked' => $link->asked,
            'answered' => $link->answered,
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

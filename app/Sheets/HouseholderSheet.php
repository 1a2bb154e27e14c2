<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\HouseholderPage;

/** What came back on a page that was left with a householder, and what the householder sees of it. */
final class HouseholderSheet
{
    /** @return array<string, mixed> as the crew sees it beside the call */
    public static function line(HouseholderPage $page): array
    {
        return [
            'id' => $page->id,
            'kind' => $page->kind,
            'url' => url("/for-you/{$page->token}"),
            'asked' => $page->asked,
            'answered' => $page->answered,
            'answeredAt' => $page->answered_at?->toIso8601String(),
            'taken' => $page->taken_at !== null,
            'madeAt' => $page->created_at->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> */
    public static function page(HouseholderPage $page): array
    {
        return ['kind' => $page->kind, 'asked' => $page->asked, 'answered' => $page->answered ?? (object) [], 'token' => $page->token, 'today' => now()->format('Y-m-d'), 'since' => $page->created_at->format('Y-m-d')];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\House\Day;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;

/** A trial that is left with the householder, as something that is open until it has come back. */
final class TrialItem
{
    /** @param string $page by which it is left */
    public static function id(string $page): string
    {
        return "trial-$page";
    }

    /** @param string $now ISO 8601 */
    public static function of(House $house, Action $trial, string $page, string $now): OpenItem
    {
        $device = (new Places($house))->device($trial->at->id());

        return new OpenItem(
            "A trial is with the householder, {$trial->days()} days at $device: how often did it trip?",
            circuit: $trial->at->circuit,
            point: $trial->at->point,
            source: 'trial',
            due: Day::after(substr($now, 0, 10), $trial->days()),
            id: self::id($page),
        );
    }

    /** Whether it is open still: somebody may have closed it by hand. */
    public static function isOpen(House $house, string $page): bool
    {
        return array_filter(
            $house->entries->all(OpenItem::class),
            fn(OpenItem $item): bool => $item->id === self::id($page) && $item->isOpen(),
        ) !== [];
    }

    /** @param array<string> $days "yes" or "no" by date, as they were noted */
    public static function evidence(array $days): string
    {
        $trips = count(array_filter($days, fn(string $said): bool => $said === 'yes'));

        return match (true) {
            $days === [] => 'Nothing was noted.',
            $trips === 0 => 'No trip on ' . count($days) . ' days noted.',
            default => "It tripped on $trips of " . count($days) . ' days noted.',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\House;
use App\Models\Revision;
use App\Models\Told;
use App\Models\User;
use App\Persistence\Judged;
use App\Support\Asking;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\House as CoreHouse;

/**
 * A house to be taken along on a phone: all of it, what its crew judges it by, and what the phone itself could take back. The engine reads
 * it ({@see \Bouclier\Engine\Known}).
 */
final class PocketPage
{
    /** As many changes as anybody takes back in a row. */
    private const TURNS = 20;

    /** More than any phone has under way. */
    private const IDS = 500;

    /** @return array<string, mixed> */
    public static function of(House $row, CoreHouse $house, User $user): array
    {
        $asker = Asking::of($user);
        $head = HousePage::head($row, $house);

        return [
            'house' => $row->id,
            'revision' => $row->revision,
            'lastChange' => $head['lastChange'],
            'file' => HouseWriter::toData($house->with(entries: $house->entries->identified())),
            'name' => $asker->name,
            'helper' => $asker->helper,
            'unit' => $user->length_unit,
            'leakage' => (object) Judged::leakage($row),
            'prices' => (object) Judged::prices($row),
            'replaceYears' => Judged::replacement($row)->years,
            'priors' => (object) Judged::priorsSaid($row),
            'learned' => Judged::learned($row->crew_id),
            'told' => self::told($row, $user),
            'undo' => self::stack($row, $user, 'undo_top'),
            'redo' => self::stack($row, $user, 'redo_top'),
            'pages' => HousePage::pages($row),
        ];
    }

    /** @return list<string> ids of what the house has already, be it that the phone never heard so */
    private static function told(House $row, User $user): array
    {
        $ids = Told::query()->where('house_id', $row->id)->where('user_id', $user->id)
            ->orderByDesc('created_at')->limit(self::IDS)->pluck('id');

        return array_values(array_filter($ids->all(), is_string(...)));
    }

    /**
     * @param 'undo_top'|'redo_top' $top
     *
     * @return list<array{summary: string, parts: list<object>}> the last one first
     */
    private static function stack(House $row, User $user, string $top): array
    {
        $own = fn() => Revision::ownOf($row, $user, Asking::phone())->orderByDesc('number');
        $found = [];
        $number = $own()->value($top);
        while (is_numeric($number) && count($found) < self::TURNS) {
            $target = $row->revisions()->where('number', (int) $number)->firstOrFail();
            $found[] = ['summary' => $target->summary, 'parts' => $target->changed_parts];
            $number = $own()->where('number', '<', $target->number)->value($top);
        }

        return $found;
    }
}

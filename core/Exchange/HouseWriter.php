<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House;

/**
 * A {@see House} out as a house file, the mirror of {@see HouseReader}: what was not said is not written, so that a file
 * comes back as it went in: nor are the ids that entries were given when it did.
 */
final class HouseWriter
{
    public static function toJson(House $house): string
    {
        return json_encode(
            self::toData($house->with(entries: $house->entries->unidentified())),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /** @return array<string, mixed> */
    public static function toData(House $house): array
    {
        return [
            'format' => 'bouclier.house',
            'version' => 1,
            'name' => $house->name,
            'work' => $house->work->value,
            ...self::said(['permit_date' => $house->permitDate, 'supply_volts' => $house->supplyVolts]),
            'code' => PartForm::write($house->code),
            'areas' => array_map(PartForm::write(...), $house->areas),
            'panels' => array_map(PartForm::write(...), $house->panels),
            'circuits' => array_map(PartForm::write(...), $house->circuits),
            'points' => array_map(PartForm::write(...), $house->points),
            'cables' => array_map(PartForm::write(...), $house->cables),
            'appliances' => array_map(PartForm::write(...), $house->appliances),
            ...self::entries($house, false),
            ...self::said([
                'faults' => $house->faults,
                'actions' => $house->actions,
                'symptom' => $house->call->symptom === null ? null : PartForm::write($house->call->symptom),
                'cannot' => $house->call->cannot,
            ]),
            ...$house->sections,
            ...self::records($house),
            ...self::said(['x' => $house->x]),
        ];
    }

    /** @return array<string, mixed> */
    private static function records(House $house): array
    {
        $records = [...self::entries($house, true), ...self::said(['x' => $house->entries->x])];

        return $records === [] ? [] : ['records' => $records];
    }

    /** @return array<string, list<array<string, mixed>>> the lists below `records`, or the others */
    private static function entries(House $house, bool $areRecords): array
    {
        $said = [];
        foreach (EntryList::cases() as $list) {
            if ($list->isRecord() === $areRecords && $house->entries->has($list)) {
                $said[$list->key()] = array_map(PartForm::write(...), $house->entries->in($list));
            }
        }

        return $said;
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function said(array $fields): array
    {
        return array_filter($fields, fn(mixed $value): bool => $value !== null);
    }
}

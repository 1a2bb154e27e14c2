<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\House;
use Bouclier\Core\Records\EntryLists;

/**
 * A {@see House} out as a house file, the mirror of {@see HouseReader}: what was not said is not written, so that a file
 * comes back as it went in: nor are the ids that entries were given when it did.
 */
final class HouseWriter
{
    public static function toJson(House $house): string
    {
        return json_encode(
            EntryLists::unidentified((object) self::toData($house)),
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
            ...$house->sections,
            ...self::said(['x' => $house->x]),
        ];
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

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\House;
use Bouclier\Core\Records\EntryId;

/**
 * A {@see House} out as a house file, the mirror of {@see HouseReader}: what was not said is not written, so that a file
 * comes back as it went in.
 */
final class HouseWriter
{
    public static function toJson(House $house): string
    {
        return json_encode(
            [...self::toData($house), ...self::withoutGivenIds($house->sections)],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /**
     * What was filed, without the ids it was given when it came in.
     *
     * @param array<string, mixed> $sections
     *
     * @return array<string, mixed>
     */
    private static function withoutGivenIds(array $sections): array
    {
        $bare = fn(mixed $list): mixed => is_array($list)
            ? EntryId::unsaid(array_values(array_filter($list, fn(mixed $entry): bool => $entry instanceof \stdClass)))
            : $list;
        $records = $sections['records'] ?? null;

        return [
            ...array_map($bare, array_intersect_key($sections, ['observations' => 0, 'tests' => 0])),
            ...($records instanceof \stdClass ? ['records' => (object) array_map($bare, get_object_vars($records))] : []),
        ];
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

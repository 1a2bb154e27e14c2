<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** A room like another: its kind, its water and its outlets as they were found there. What feeds them is not taken to be alike. */
final class RoomCopy
{
    /** What is alike at an outlet of the other room. */
    private const ALIKE = [
        'name', 'kind', 'device', 'amps', 'volts', 'serves', 'exposure', 'accessible', 'height_ft', 'cover', 'yoke', 'halves', 'ground',
        'slots', 'tr', 'wr',
    ];

    public static function of(House $house, Area $like, string $code): EnteredLine
    {
        $id = FreeId::in($house, strtolower($code));
        $water = [];
        foreach ($like->fixtures() as $fixture) {
            $water[$fixture->id] = FreeId::in($house, "$id-{$fixture->kind->value}", array_values($water));
        }
        $outlets = array_values(array_filter($house->points, fn(Point $point): bool => $point->area === $like->id));
        $count = count($outlets) === 1 ? '1 outlet' : count($outlets) . ' outlets';
        $lines = [];
        foreach ($outlets as $n => $outlet) {
            $new = sprintf('%s-%02d', $code, $n + 1);
            $lines[] = new EnteredLine('points', FreeId::in($house, strtolower($new)), true, [
                'code' => $new,
                'area' => $id,
                ...array_intersect_key(PartForm::write($outlet), array_flip(self::ALIKE)),
                ...self::measured($outlet, $water),
            ], $new, [], $id);
        }

        return new EnteredLine('areas', $id, true, array_filter([
            'code' => $code,
            'name' => $like->name,
            'kind' => $like->kind->value,
            'grade' => $like->grade?->value,
            'finished' => $like->finished,
            'fixtures' => array_map(fn(Fixture $f): array => ['id' => $water[$f->id], 'kind' => $f->kind->value], $like->fixtures()),
        ], fn(mixed $value): bool => $value !== null), "New room $code, as {$like->code} {$like->name}: $count", [], $id, $lines);
    }

    /**
     * @param array<string> $water the new room's by the other's
     *
     * @return array<string, mixed>
     */
    private static function measured(Point $outlet, array $water): array
    {
        $here = array_filter($outlet->distances(), fn(Distance $way): bool => isset($water[$way->fixture]));
        $ways = array_map(fn(Distance $way): array => ['fixture' => $water[$way->fixture]] + PartForm::write($way), array_values($here));

        return $ways === [] ? [] : ['distances' => $ways];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;

/** A room and its water: `B2 bath tub sink upstairs "Upper bath"`. */
final readonly class RoomLine
{
    public function __construct(private House $house)
    {
    }

    /** @param list<Word> $words after the room's code */
    public function read(string $code, ?Area $area, array $words): EnteredLine
    {
        $id = $area->id ?? FreeId::in($this->house, strtolower($code));
        $set = $area === null ? ['code' => $code] : [];
        $kind = $area?->kind;
        $fixtures = array_map(fn(Fixture $f): array => ['id' => $f->id, 'kind' => $f->kind->value], $area?->fixtures() ?? []);
        $faults = [];
        foreach ($words as $word) {
            $plain = $word->plain();
            $grade = Shorthand::grade($plain);
            $fixture = Shorthand::fixture($plain);
            $named = Shorthand::areaKind($plain);
            if ($word->quoted) {
                $set['name'] = trim($word->text);
            } elseif ($named !== null && ($fixture === null || $kind === null)) {
                $kind = $named;
                $set['kind'] = $kind->value;
            } elseif ($fixture !== null) {
                $fixtures[] = [
                    'id' => FreeId::in($this->house, "$id-{$fixture->value}", array_column($fixtures, 'id')),
                    'kind' => $fixture->value,
                ];
                $set['fixtures'] = $fixtures;
            } elseif ($grade !== null) {
                $set['grade'] = $grade->value;
            } elseif (in_array($plain, ['unfinished', 'finished'], true)) {
                $set['finished'] = $plain === 'finished';
            } elseif (! in_array($plain, Shorthand::FILLERS, true)) {
                $faults[] = EntryFault::at(
                    $word,
                    'A room takes its kind, its water (sink, tub, shower, hydro, pool), above or below, unfinished, and a name in quotes',
                );
            }
        }
        if ($area === null && ! isset($set['name'])) {
            $set['name'] = ($kind ?? AreaKind::Similar)->label();
        }
        $said = array_filter(
            [$kind?->label(), $set['grade'] ?? null, implode(', ', array_map(fn(array $f): string => $f['kind'], $fixtures))],
            fn(?string $s): bool => $s !== null && $s !== '',
        );

        return new EnteredLine(
            'areas',
            $id,
            $area === null,
            $set,
            ($area === null ? 'New room ' : 'Room ') . "$code: " . implode(', ', $said),
            $faults,
            $id,
        );
    }
}

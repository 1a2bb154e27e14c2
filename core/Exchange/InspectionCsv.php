<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Day;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;

/** What an inspector wrote, as a table: one row a finding, with the outlet by its code, the clause and the day it is due. */
final class InspectionCsv
{
    /** What a column may be called; the first of each is ours. */
    private const COLUMNS = [
        'finding' => ['finding', 'text', 'what', 'violation', 'correction'],
        'outlet' => ['outlet', 'code', 'where', 'location'],
        'clause' => ['clause', 'article', 'section', 'nec'],
        'due' => ['due', 'by', 'until', 'date'],
    ];

    private const MOST_ROWS = 500;

    private const MOST_CHARACTERS = 1000;

    /**
     * @param string $source who wrote it, and what it is called
     *
     * @return non-empty-list<OpenItem>
     *
     * @throws BadHouseFile with each cell that cannot be read, by row and column; then none is taken
     */
    public static function read(House $house, string $csv, string $source): array
    {
        $rows = Csv::cells($csv);
        $columns = self::columns(array_shift($rows) ?? []);
        if (! isset($columns['finding'])) {
            throw BadHouseFile::because('the first row must name its columns, a "finding" among them; "outlet", "clause" and "due" may be');
        }
        if ($rows === [] || count($rows) > self::MOST_ROWS) {
            throw BadHouseFile::because(
                $rows === [] ? 'the table has no finding' : 'the table has more than ' . self::MOST_ROWS . ' findings',
            );
        }
        $items = $faults = [];
        foreach ($rows as $at => $row) {
            $cell = fn(string $name): string => trim(isset($columns[$name]) ? $row[$columns[$name]] ?? '' : '');
            $wrong = function (string $name, string $why) use (&$faults, $at): void {
                $faults[] = new FileFault('/' . ($at + 2) . "/$name", $why);
            };
            $point = $cell('outlet') === '' ? null : LocationCodes::point($house, $cell('outlet'));
            if ($cell('finding') === '') {
                $wrong('finding', 'says nothing');
            } elseif (mb_strlen($cell('finding')) > self::MOST_CHARACTERS) {
                $wrong('finding', 'must not be longer than ' . self::MOST_CHARACTERS . ' characters');
            }
            if ($cell('outlet') !== '' && $point === null) {
                $wrong('outlet', "there is no outlet \"{$cell('outlet')}\"");
            }
            if ($cell('due') !== '' && ! Day::isDay($cell('due'))) {
                $wrong('due', 'must be a date, as 2026-12-24');
            }
            $items[] = new OpenItem(
                $cell('finding'),
                point: $point?->id,
                source: $source,
                clause: $cell('clause') === '' ? null : mb_substr($cell('clause'), 0, 60),
                due: $cell('due') === '' ? null : $cell('due'),
            );
        }

        return $faults === [] ? $items : throw new BadHouseFile($faults);
    }

    /**
     * @param list<string> $names
     *
     * @return array<int> places by our name
     */
    private static function columns(array $names): array
    {
        $columns = [];
        foreach ($names as $place => $name) {
            foreach (self::COLUMNS as $ours => $theirs) {
                if (! isset($columns[$ours]) && in_array(mb_strtolower(trim($name)), $theirs, true)) {
                    $columns[$ours] = $place;
                }
            }
        }

        return $columns;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;

/** What parts and time cost, as a table for a spreadsheet: `part` and `minutes` by their names, and the `rate` of an hour. */
final class PriceCsv
{
    private const COLUMNS = ['what', 'name', 'said', 'value'];

    private const MOST = 1_000_000.0;

    private const RATE = 'rate_per_hour';

    public static function write(PriceTable $table): string
    {
        $rows = [self::COLUMNS];
        foreach (Item::cases() as $item) {
            $rows[] = ['part', $item->value, $item->label(), (string) $table->price($item)];
        }
        foreach (Task::cases() as $task) {
            $rows[] = ['minutes', $task->value, $task->label(), (string) $table->minutes($task)];
        }
        $rows[] = ['rate', self::RATE, 'An hour of work', (string) $table->ratePerHour];

        return implode("\r\n", array_map(Csv::line(...), $rows)) . "\r\n";
    }

    /**
     * @return array<string, mixed> as {@see PriceTable::in()} takes it: only what the table names
     *
     * @throws BadHouseFile with a row and what is wrong in it; then nothing is taken
     */
    public static function read(string $csv): array
    {
        $table = [];
        $wrong = [];
        foreach (array_slice(Csv::cells($csv), 1) as $at => $cells) {
            [$what, $name, , $said] = array_pad(array_map(trim(...), $cells), 4, '');
            $number = str_replace(',', '.', $said);
            $known = match ($what) {
                'part' => Item::tryFrom($name) !== null,
                'minutes' => Task::tryFrom($name) !== null,
                'rate' => $name === self::RATE,
                default => false,
            };
            $row = 'row ' . ($at + 2);
            if (! $known) {
                $wrong[] = "$row: there is no $what \"$name\"";
            } elseif (! is_numeric($number) || (float) $number < 0.0 || (float) $number > self::MOST) {
                $wrong[] = "$row: \"$said\" is no price and no time";
            } elseif ($what === 'rate') {
                $table[self::RATE] = (float) $number;
            } else {
                $table[$what === 'part' ? 'prices' : 'minutes'][$name] = (float) $number;
            }
        }
        if ($wrong !== []) {
            throw BadHouseFile::because(implode('; ', array_slice($wrong, 0, 10)));
        }

        return $table;
    }
}

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
     * @return PriceTable of what the table names; all else in it is ours
     *
     * @throws BadHouseFile with a row and what is wrong in it; then nothing is taken
     */
    public static function read(string $csv): PriceTable
    {
        $table = new PriceTable();
        $wrong = [];
        foreach (array_slice(Csv::cells($csv), 1) as $at => $cells) {
            [$what, $name, , $said] = array_pad(array_map(trim(...), $cells), 4, '');
            $number = str_replace(',', '.', $said);
            $line = match ($what) {
                'part' => Item::tryFrom($name),
                'minutes' => Task::tryFrom($name),
                default => null,
            };
            $isRate = $what === 'rate' && $name === self::RATE;
            $row = 'row ' . ($at + 2);
            if ($line === null && ! $isRate) {
                $wrong[] = "$row: there is no $what \"$name\"";
            } elseif (! is_numeric($number) || (float) $number < 0.0 || (float) $number > self::MOST) {
                $wrong[] = "$row: \"$said\" is no price and no time";
            } else {
                $table = $line === null ? $table->withRate((float) $number) : $table->with($line, (float) $number);
            }
        }
        if ($wrong !== []) {
            throw BadHouseFile::because(implode('; ', array_slice($wrong, 0, 10)));
        }

        return $table;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

/** Tables for a spreadsheet, written and read: RFC 4180, UTF-8. */
final class Csv
{
    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(function (string $cell): string {
            // A spreadsheet runs what begins like a formula, be it behind spaces or written full width: such a cell is marked as text.
            $safe = preg_match('/^[\s\p{Z}\p{C}]*[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]|^[\t\r\n]/u', $cell) === 1 ? "'$cell" : $cell;

            return preg_match('/[",\r\n;]/', $safe) === 1 ? '"' . str_replace('"', '""', $safe) . '"' : $safe;
        }, $cells));
    }

    /** @return list<list<string>> rows of cells; the separator is a comma, or a semicolon where the first line has more of those */
    public static function cells(string $csv): array
    {
        $csv = mb_scrub(preg_replace('/^\xEF\xBB\xBF/', '', $csv) ?? '');
        $first = strtok($csv, "\r\n");
        $separator = $first !== false && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $rows = [];
        $row = [];
        preg_match_all("/\G(?:\"((?:[^\"]|\"\")*+)\"|([^$separator\r\n]*+))($separator|\r\n|\n|\r|\z)/", $csv, $found, PREG_SET_ORDER);
        foreach ($found as [, $quoted, $plain, $end]) {
            $row[] = $plain !== '' ? $plain : str_replace('""', '"', $quoted);
            if ($end !== $separator) {
                $rows[] = $row;
                $row = [];
            }
        }

        return array_values(array_filter($rows, fn(array $cells): bool => trim(implode('', $cells)) !== ''));
    }
}

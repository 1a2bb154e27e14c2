<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Cover;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\Serves;

/**
 * A table of outlets read against a house: what each row adds or changes, and what could not be read, row by row. A row whose code is there
 * changes that outlet; an empty cell says nothing.
 */
final class OutletTable
{
    private const CHOICES = [
        'kind' => PointKind::class, 'device' => Device::class, 'serves' => Serves::class, 'exposure' => Exposure::class,
        'cover' => Cover::class, 'ground' => GroundPath::class,
    ];

    /** @var array<Point> by code in small letters */
    private array $points = [];

    /** @var array<true> ids that are taken */
    private array $taken = [];

    /** @var array<string> circuit id by slot, label and id in small letters */
    private array $circuits = [];

    /** @var list<RowFault> */
    private array $faults = [];

    /** @var list<array{id: string, set: array<string, mixed>}> */
    private array $rows = [];

    public function __construct(private readonly House $house)
    {
        foreach ($house->points as $point) {
            $this->points[mb_strtolower($point->code)] = $point;
            $this->taken[$point->id] = true;
        }
        foreach ($house->circuits as $circuit) {
            $this->taken[$circuit->id] = true;
            $this->circuits += [
                mb_strtolower($circuit->slot) => $circuit->id,
                mb_strtolower($circuit->label) => $circuit->id,
                mb_strtolower($circuit->id) => $circuit->id,
            ];
        }
    }

    /**
     * @param list<list<string>> $cells the heading first
     * @param array<int, string> $mapping a column of ours for a place in the heading, where the heading does not say so itself
     *
     * @return array{rows: list<array{id: string, set: array<string, mixed>}>, faults: list<RowFault>, columns: list<string|null>}
     */
    public function read(array $cells, array $mapping = []): array
    {
        $columns = [];
        foreach ($cells[0] ?? [] as $i => $heading) {
            $name = $mapping[$i] ?? strtr(mb_strtolower(trim($heading)), [' ' => '_']);
            $columns[] = in_array($name, OutletCsv::COLUMNS, true) ? $name : null;
        }
        if (! in_array('code', $columns, true)) {
            $this->faults[] = new RowFault(1, '', 'No column holds the location code; say which one does');

            return ['rows' => [], 'faults' => $this->faults, 'columns' => $columns];
        }
        foreach (array_slice($cells, 1) as $i => $row) {
            $said = [];
            foreach ($columns as $at => $column) {
                if ($column !== null && trim($row[$at] ?? '') !== '') {
                    $said[$column] = preg_replace("/^'(?=[=+\-@])/", '', trim($row[$at])) ?? '';
                }
            }
            $this->row($i + 2, $said);
        }

        return ['rows' => $this->rows, 'faults' => $this->faults, 'columns' => $columns];
    }

    /** @param array<string, string> $said */
    private function row(int $number, array $said): void
    {
        $before = count($this->faults);
        $code = $said['code'] ?? '';
        if ($code === '') {
            $this->faults[] = new RowFault($number, 'code', 'is empty');

            return;
        }
        $point = $this->points[mb_strtolower($code)] ?? null;
        $set = $point === null ? ['code' => $code, 'kind' => 'receptacle', 'device' => 'standard', 'name' => $code] : [];
        foreach ($said as $column => $cell) {
            $value = $this->value($number, $column, $cell);
            if ($value !== null) {
                $set[$column === 'room' ? 'area' : $column] = $value;
            }
        }
        if ($point === null && ! isset($set['area'])) {
            $this->faults[] = new RowFault(
                $number,
                'room',
                isset($said['room']) ? "\"{$said['room']}\" is no room of this house" : 'is empty, and this outlet is new',
            );
        }
        if (count($this->faults) === $before) {
            $this->rows[] = ['id' => $point->id ?? $this->newId($code), 'set' => $set];
        }
    }

    private function value(int $row, string $column, string $cell): mixed
    {
        $enum = self::CHOICES[$column] ?? null;
        if ($enum !== null) {
            return $this->choice($row, $column, $cell, $enum);
        }

        return match ($column) {
            'room' => OutletCsv::area($this->house, $cell)->id ?? null,
            'circuit' => $this->circuits[mb_strtolower($cell)] ?? $this->fault($row, $column, "\"$cell\" is no circuit of this house"),
            'amps', 'volts', 'height_ft' => $this->number($row, $column, $cell),
            'accessible', 'tr', 'wr' => $this->yesNo($row, $column, $cell),
            'distances' => $this->distances($row, $cell),
            'labels' => $this->labels($row, $cell),
            'installed_on' => preg_match('/^\d{4}(-\d{2}(-\d{2})?)?$/', $cell) === 1
                ? $cell
                : $this->fault($row, $column, "\"$cell\" is no year, month or day: write 2016, 2016-09 or 2016-09-14"),
            default => mb_strlen($cell) <= 200 ? $cell : $this->fault($row, $column, 'is longer than 200 characters'),
        };
    }

    /** @param class-string<Choice> $enum */
    private function choice(int $row, string $column, string $cell, string $enum): ?string
    {
        foreach ($enum::cases() as $case) {
            if (strcasecmp((string) $case->value, strtr($cell, ' ', '_')) === 0 || strcasecmp($case->label(), $cell) === 0) {
                return (string) $case->value;
            }
        }
        $this->fault(
            $row,
            $column,
            "\"$cell\" is none of " . implode(', ', array_map(fn(Choice $case): string => (string) $case->value, $enum::cases())),
        );

        return null;
    }

    private function number(int $row, string $column, string $cell): int|float|null
    {
        $plain = strtr($cell, ',', '.');
        if (preg_match('/^\d{1,5}(\.\d{1,6})?$/', $plain) !== 1 || ($column !== 'height_ft' && (float) $plain === 0.0)) {
            $this->fault($row, $column, "\"$cell\" is no number that can stand here");

            return null;
        }

        return str_contains($plain, '.') ? (float) $plain : (int) $plain;
    }

    private function yesNo(int $row, string $column, string $cell): ?bool
    {
        $yes = in_array(mb_strtolower($cell), ['yes', 'y', 'true', '1', 'x'], true);
        if (! $yes && ! in_array(mb_strtolower($cell), ['no', 'n', 'false', '0'], true)) {
            $this->fault($row, $column, "\"$cell\" is neither yes nor no");

            return null;
        }

        return $yes;
    }

    /** @return list<array<string, mixed>>|null */
    private function distances(int $row, string $cell): ?array
    {
        $ways = [];
        foreach (self::parts($cell) as $way) {
            if (
                preg_match('/^(\d{1,4}(?:\.\d{1,20})?)\s+(\S+)(?:\s+(\S+))?$/', $way, $m) !== 1
                || ! $this->hasFixture($m[2])
                || (isset($m[3]) && Crosses::tryFrom($m[3]) === null)
            ) {
                $this->fault(
                    $row,
                    'distances',
                    "\"$way\" is not read: write feet, the fixture's id, and door or barrier, as in 2.5 ksink door",
                );

                return null;
            }
            $ways[] = ['fixture' => $m[2], 'ft' => (float) $m[1]] + (isset($m[3]) ? ['crosses' => $m[3]] : []);
        }

        return $ways;
    }

    private function hasFixture(string $id): bool
    {
        foreach ($this->house->areas as $area) {
            foreach ($area->fixtures() as $fixture) {
                if ($fixture->id === $id) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<string>|null */
    private function labels(int $row, string $cell): ?array
    {
        $labels = self::parts($cell);
        foreach ($labels as $label) {
            if (PointLabel::tryFrom($label) === null) {
                $this->fault($row, 'labels', "\"$label\" is none of " . implode(', ', array_column(PointLabel::cases(), 'value')));

                return null;
            }
        }

        return $labels;
    }

    /** @return list<string> what semicolons part */
    private static function parts(string $cell): array
    {
        return array_values(array_filter(array_map(trim(...), explode(';', $cell)), fn(string $part): bool => $part !== ''));
    }

    private function fault(int $row, string $column, string $message): null
    {
        $this->faults[] = new RowFault($row, $column, $message);

        return null;
    }

    /** By the code, so that a second import of the same table finds the same outlet. */
    private function newId(string $code): string
    {
        $wished = mb_substr(mb_strtolower($code), 0, 70);
        $id = $wished;
        for ($n = 2; isset($this->taken[$id]); ++$n) {
            $id = "$wished-$n";
        }
        $this->taken[$id] = true;

        return $id;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

/** A cell that could not be read: the row as a spreadsheet counts it (the heading is row 1), the column, and why. */
final readonly class RowFault
{
    public function __construct(
        public int $row,
        public string $column,
        public string $message,
    ) {
    }
}

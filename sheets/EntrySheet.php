<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Survey\EnteredLine;
use Bouclier\Core\Survey\EntryFault;

/**
 * A line of quick entry as it is understood so far.
 */
final class EntrySheet
{
    /** @return array{in: string, id: string, area: string|null, echo: string, changes: bool} of a line that was carried out */
    public static function entered(EnteredLine $line): array
    {
        return [
            'in' => $line->in,
            'id' => $line->id,
            'area' => $line->area,
            'echo' => $line->echo,
            'changes' => self::changes($line),
        ];
    }

    private static function changes(EnteredLine $line): bool
    {
        return $line->set !== [] || $line->also !== [];
    }

    /** @return array<string, mixed> */
    public static function of(EnteredLine $line): array
    {
        return [
            'echo' => $line->echo,
            'ready' => $line->isReady(),
            'in' => $line->in,
            'id' => $line->id,
            'isNew' => $line->isNew,
            'changes' => self::changes($line),
            'faults' => array_map(fn(EntryFault $fault): array => get_object_vars($fault), $line->faults),
        ];
    }
}

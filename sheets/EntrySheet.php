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
    /** @return array<string, mixed> */
    public static function of(EnteredLine $line): array
    {
        return [
            'echo' => $line->echo,
            'ready' => $line->isReady(),
            'in' => $line->in,
            'id' => $line->id,
            'isNew' => $line->isNew,
            'changes' => $line->set !== [] || $line->also !== [],
            'faults' => array_map(fn(EntryFault $fault): array => get_object_vars($fault), $line->faults),
        ];
    }
}

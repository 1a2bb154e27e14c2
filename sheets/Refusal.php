<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Change\ChangedSince;
use Bouclier\Core\Change\NothingToTurnBack;
use Bouclier\Core\Change\NotUnderstood;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\NotProved;
use Bouclier\Core\Practice\NotPossible;

/** Why something told of a house is not done: in the same words on the server and on a phone. */
final class Refusal
{
    /** @return array<string, mixed>|null `message`, and what more its kind has; null for what is no refusal of the core */
    public static function of(\Exception $thrown): ?array
    {
        return match (true) {
            $thrown instanceof BadHouseFile => self::bad($thrown),
            $thrown instanceof NotProved => ['message' => "{$thrown->getMessage()}.", 'objections' => $thrown->objections],
            $thrown instanceof NotUnderstood => ['message' => $thrown->getMessage(), ...EntrySheet::of($thrown->entered)],
            $thrown instanceof NotPossible => ['message' => $thrown->getMessage()],
            $thrown instanceof ChangedSince, $thrown instanceof NothingToTurnBack, $thrown instanceof NotThere => [
                'message' => "{$thrown->getMessage()}.",
            ],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function bad(BadHouseFile $bad): array
    {
        $first = $bad->faults[0];
        $subject = preg_match('/^(must|is|has) /', $first->message) === 1 && $first->pointer !== ''
            ? '"' . str_replace('_', ' ', basename($first->pointer)) . '" '
            : '';

        return [
            'message' => "That was not kept: $subject{$first->message}.",
            'faults' => array_map(
                fn(FileFault $fault): array => ['pointer' => $fault->pointer, 'message' => $fault->message],
                $bad->faults,
            ),
        ];
    }
}

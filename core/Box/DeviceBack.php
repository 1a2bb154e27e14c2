<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\Land;

/**
 * The back of a device: makers put LINE at either end, and older ones have leads. Read it on the device; nothing follows from the other
 * one.
 */
final readonly class DeviceBack
{
    public function __construct(
        public BackEnd $lineAt,
        public bool $hasLeads = false,
    ) {
    }

    /** The end a conductor sits at; null when it is spliced past the device or capped. */
    public function end(Land $land): ?BackEnd
    {
        return match ($land) {
            Land::Line => $this->lineAt,
            Land::Load => $this->lineAt->other(),
            Land::Splice, Land::Cap => null,
        };
    }

    /** How a place on it is spoken of. */
    public function place(Land $land, bool $hot): string
    {
        $end = $this->end($land);
        if ($end === null) {
            return $land === Land::Cap ? 'capped' : 'in the splice, pigtail to LINE';
        }
        $side = $hot ? 'brass, hot' : 'silver, neutral';

        return $this->hasLeads ? "{$land->label()} lead, " . ($hot ? 'hot' : 'neutral') : "{$land->label()}, {$end->value}, $side";
    }
}

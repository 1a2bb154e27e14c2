<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\Entries\BackNoted;
use Bouclier\Core\House\Land;

/**
 * The back of a device: makers put LINE at either end, and older ones have leads. Read it on the device; nothing follows from the other
 * one.
 */
final readonly class DeviceBack
{
    /** @param BackEnd|null $lineAt null while nobody has read it */
    public function __construct(
        public ?BackEnd $lineAt,
        public bool $hasLeads = false,
    ) {
    }

    public static function of(?BackNoted $noted): self
    {
        return new self($noted?->lineAt, $noted->leads ?? false);
    }

    /** The end a conductor sits at; null when it is spliced past the device or capped, and while its back was not read. */
    public function end(Land $land): ?BackEnd
    {
        return match ($land) {
            Land::Line => $this->lineAt,
            Land::Load => $this->lineAt?->other(),
            Land::Splice, Land::Cap => null,
        };
    }

    /** How a place on it is spoken of. */
    public function place(Land $land, bool $hot): string
    {
        if ($land === Land::Cap || $land === Land::Splice) {
            return $land === Land::Cap ? 'capped' : 'in the splice, pigtail to LINE';
        }
        $end = $this->end($land) === null ? '' : " {$this->end($land)->value},";
        $side = $hot ? 'brass, hot' : 'silver, neutral';

        return $this->hasLeads ? "{$land->label()} lead, " . ($hot ? 'hot' : 'neutral') : "{$land->label()},$end $side";
    }
}

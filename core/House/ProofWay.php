<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * What makes a reading of nearly nothing a proof. A face that was dead before its breaker went off proves nothing: a tripped device
 * upstream reads 0 with LINE live.
 */
enum ProofWay: string implements Choice
{
    /** Read live, then the breaker off, then dead in the same places. */
    case SeenLive = 'seen_live';

    /** The same at the LINE terminals of a device that protects: its face is dead whenever it has tripped. */
    case LineTerminals = 'line_terminals';

    /** It can not be seen live: every breaker it may be on is off, and every conductor is dead against a reference from outside. */
    case Reference = 'reference';

    public function label(): string
    {
        return match ($this) {
            self::SeenLive => 'read live, then dead',
            self::LineTerminals => 'LINE read live, then dead',
            self::Reference => 'every breaker off, against a reference from outside',
        };
    }
}

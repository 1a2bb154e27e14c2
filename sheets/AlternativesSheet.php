<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Alternative;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\CodeBook\WhatIf;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * What would change the GFCI verdict of one outlet.
 *
 * @phpstan-type AlternativeLine array{text: string, verdict: value-of<Verdict>, verdictName: string, also: list<string>}
 */
final class AlternativesSheet
{
    /** @return list<AlternativeLine> */
    public static function of(House $house, Point $point): array
    {
        return array_map(fn(Alternative $a): array => [
            'text' => $a->text,
            'verdict' => $a->verdict->value,
            'verdictName' => $a->verdict->label(),
            'also' => $a->alsoCovers,
        ], (new WhatIf($house, new FeedMap($house)))->for($point));
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\CodeBook\WhatIf;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * What would change the verdicts of one outlet: GFCI, AFCI and shutters.
 *
 * @phpstan-type AlternativeLine array{of: string, text: string, verdict: value-of<Verdict>, verdictName: string, also: list<string>}
 */
final class AlternativesSheet
{
    /** @return list<AlternativeLine> */
    public static function of(House $house, Point $point): array
    {
        $feeds = new FeedMap($house);
        $lines = [];
        foreach ([Protection::Gfci, Protection::Afci, Protection::Tr] as $protection) {
            foreach ((new WhatIf($house, $feeds, $protection))->for($point) as $alternative) {
                $lines[] = [
                    'of' => $protection->label(),
                    'text' => $alternative->text,
                    'verdict' => $alternative->verdict->value,
                    'verdictName' => $alternative->verdict->label(),
                    'also' => $alternative->alsoCovers,
                ];
            }
        }

        return $lines;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;

/** What of the runs the open call rests on without its being known: the trace asks for that first. */
final readonly class NeedsTraced
{
    /** @return list<string> ids of outlets on the circuit of the call whose feed is assumed; none while no call is open */
    public static function of(House $house): array
    {
        $wrong = [];
        $symptom = OpenCall::isOpen($house) ? Symptom::of($house, $wrong) : null;
        if ($symptom === null) {
            return [];
        }
        $wired = AssumedWiring::of($house);

        return array_column($wired->on($symptom->circuit(new FeedMap($wired->house))), 'id');
    }
}

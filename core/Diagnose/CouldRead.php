<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\SymptomKind;

/** What could make an outlet read as it does: the house as if that were the call, with the lamps read last on its circuit as its tests. */
final class CouldRead
{
    public static function asACall(House $house, Point $point): House
    {
        $feeds = new FeedMap($house);
        $circuit = $feeds->feed($point)->circuit;
        $tests = [];
        foreach (LampsAt::last($house) as $at => $halves) {
            $read = $house->hasPoint((string) $at) ? $house->point((string) $at) : null;
            $isNear = $read !== null
                && ($read->id === $point->id || ($circuit !== null && $feeds->feed($read)->circuit?->id === $circuit->id));
            foreach ($isNear ? $halves : [] as $half) {
                $tests[] = new TestDone(
                    new Loose(['do' => 'tester', 'at' => (object) ['point' => (string) $at]]),
                    new Loose(['hn' => $half->lamps->hn, 'hg' => $half->lamps->hg, 'ng' => $half->lamps->ng]),
                );
            }
        }

        return $house->with(
            call: new Call(new Complaint(SymptomKind::ReadsWrong, $point->id)),
            entries: $house->entries->with(EntryList::Tests, $tests),
        );
    }
}

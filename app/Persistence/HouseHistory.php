<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\House;
use App\Models\Revision;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\House\House as CoreHouse;

/** A house as it was: what it is now, with every later change turned back. */
final readonly class HouseHistory
{
    public function __construct(private HouseStore $store)
    {
    }

    /** The house after that revision; 0 is the house as it was taken in. */
    public function at(House $house, int $number): CoreHouse
    {
        abort_if($number < 0 || $number > $house->revision, 404);
        $document = HouseDocument::of($this->store->load($house));
        foreach ($house->revisions()->where('number', '>', $number)->orderByDesc('number')->get() as $revision) {
            $document = $document->with(self::turnedBack($revision));
        }

        return $document->toHouse();
    }

    /** @return list<PartChange> what a revision changed */
    public static function changesOf(Revision $revision): array
    {
        return array_map(PartChange::fromStored(...), $revision->changed_parts);
    }

    /** @return list<PartChange> what undoes a revision */
    private static function turnedBack(Revision $revision): array
    {
        return array_reverse(array_map(fn(PartChange $one): PartChange => $one->inverse(), self::changesOf($revision)));
    }
}

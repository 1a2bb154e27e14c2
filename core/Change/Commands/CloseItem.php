<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\EntryId;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\Asker;

/** An open item closed with what shows that it is done. */
final readonly class CloseItem implements Told
{
    public function __construct(private string $entry, private string $evidence)
    {
    }

    public static function told(Body $body): self
    {
        $evidence = $body->maybeText('evidence', 1000)
            ?? $body->wrong('evidence', 'say what shows that it is done: a reading, a photograph, what was put in');

        return new self($body->id('entry'), $evidence);
    }

    public function on(House $house, Asker $by): House
    {
        $items = $house->entries->all(OpenItem::class);
        $place = EntryId::placeOf($items, $this->entry);
        if (! $items[$place]->isOpen()) {
            throw new NotThere('open item', $this->entry);
        }
        $items[$place] = $items[$place]->closed($this->evidence, $by->name, $by->now);

        return $house->with(entries: $house->entries->with(EntryList::OpenItems, array_values($items)));
    }

    public function summary(House $house): null
    {
        return null;
    }
}

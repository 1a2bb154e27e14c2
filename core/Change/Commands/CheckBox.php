<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A box checked before it is closed: what is wrong is left to be done, until it is looked at again and right. */
final readonly class CheckBox implements Told
{
    public function __construct(private string $point, private BoxCheck $check, private bool $isOk)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->choice('check', BoxCheck::class), $body->flag('ok'));
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point);
        $house = $house->withEntry(new BoxChecked($point->id, $this->check, $this->isOk, $by->now, $by->name));
        $text = "{$point->code}: {$this->check->label()}";
        $items = $house->entries->all(OpenItem::class);
        $open = array_filter($items, fn(OpenItem $item): bool => $item->isOpen() && $item->point === $point->id && $item->text === $text);
        if ($this->isOk) {
            foreach (array_keys($open) as $place) {
                $items[$place] = $items[$place]->closed('Looked at again in the open box, and right.', $by->name, $by->now);
            }

            return $open === [] ? $house : $house->with(
                entries: $house->entries->with(EntryList::OpenItems, array_values($items)),
            );
        }

        return $open !== [] ? $house : $house->withEntry(
            new OpenItem($text, point: $point->id, source: 'seen in the open box', atTime: $by->now, who: $by->name),
        );
    }

    public function summary(House $house): string
    {
        return 'Box check: ' . $this->check->label();
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;

/** The open items of a house, by their ids. What is in the file beside the fields known here is kept. */
final class OpenItems
{
    private const LIST = 'open_items';

    /** @return list<OpenItem> */
    public static function of(House $house): array
    {
        return array_map(OpenItem::fromData(...), Records::of($house, self::LIST));
    }

    public static function added(House $house, OpenItem $item): House
    {
        return Records::added($house, self::LIST, $item->toData());
    }

    /**
     * @param string $evidence what shows that it is done: a reading, a photograph's number, what was put in
     *
     * @throws NotThere when there is no such item, or it is closed already
     */
    public static function closed(House $house, string $id, string $evidence, string $by, string $at): House
    {
        $items = Records::of($house, self::LIST);
        $index = EntryId::placeOf($items, $id);
        $item = $items[$index];
        if (! OpenItem::fromData($item)->isOpen()) {
            throw new NotThere('open item', $id);
        }
        $items[$index] = (object) [...get_object_vars($item), 'closed_at' => $at, 'closed_by' => $by, 'evidence' => $evidence];

        return Records::with($house, self::LIST, array_values($items));
    }
}

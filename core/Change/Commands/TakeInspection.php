<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\InspectionCsv;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What an inspector wrote, taken from a table: each finding stays open until it is closed with evidence. All of it or nothing. */
final readonly class TakeInspection implements Told
{
    private const MOST_CHARACTERS = 200_000;

    public function __construct(private string $csv, private string $source)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->text('table', self::MOST_CHARACTERS), $body->maybeText('source', 200) ?? 'inspection');
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(...array_map(
            fn(OpenItem $item): OpenItem => $item->stamped($by->name, $by->now),
            InspectionCsv::read($house, $this->csv, $this->source),
        ));
    }

    public function summary(House $house): string
    {
        return "What was found: $this->source";
    }
}

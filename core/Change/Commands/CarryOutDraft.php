<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Drafted;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Replaced;
use Bouclier\Core\Change\Sets;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What a draft would make of the house is done: all of it with one change, or what belongs to some outlets and breakers. */
final readonly class CarryOutDraft implements Sets, Told
{
    private const MOST = 500;

    /** @param list<string>|null $places outlets and circuits, by id; all of it when null */
    public function __construct(private string $draft, private ?array $places = null)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('entry'), $body->maybeIds('places', self::MOST));
    }

    public function on(House $house, Asker $by): House
    {
        $draft = Drafted::find($house, $this->draft);
        $patches = $this->patches($house, $by);
        if ($patches === []) {
            throw BadHouseFile::because('the draft changes nothing there');
        }

        return Replaced::noted($house, Drafted::without((new Edit($patches))->on($house, $by), $draft, $patches), $by);
    }

    /** @return list<Patch> */
    public function patches(House $house, Asker $by): array
    {
        return Drafted::patches($house, Drafted::find($house, $this->draft), $this->places);
    }

    public function summary(House $house): string
    {
        return 'Draft carried out' . ($this->places === null ? '' : ' in part') . ': ' . Drafted::find($house, $this->draft)->name;
    }
}

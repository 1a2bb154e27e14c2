<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Corrected;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** Parts of the house set to what they are said to be. */
final readonly class Edit implements Command
{
    /** @param list<Patch> $patches */
    public function __construct(private array $patches)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $before = HouseDocument::of($house);
        $changes = array_map(fn(Patch $patch): PartChange => $patch->on($before), $this->patches);

        $after = Corrected::after($house, $before->with($changes)->toHouse(), $this->patches);
        $clashes = LocationCodes::clashes($house, $after);
        if ($clashes !== []) {
            throw new BadHouseFile($clashes);
        }

        return Switching::kept($house, $after);
    }

    public function summary(House $house): null
    {
        return null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Corrected;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Patched;
use Bouclier\Core\Change\Sets;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** Parts of the house set to what they are said to be. */
final readonly class Edit implements Sets, Told
{
    /** @param list<Patch> $patches */
    public function __construct(private array $patches)
    {
    }

    public static function told(Body $body): self
    {
        return new self(Patch::told($body));
    }

    public function on(House $house, Asker $by): House
    {
        $after = Corrected::after($house, Patched::in($house, $this->patches), $this->patches);
        $after = ! $by->isLate ? $after : LocationCodes::newMadeUnique($house, $after);
        $clashes = LocationCodes::clashes($house, $after);
        if ($clashes !== []) {
            throw new BadHouseFile($clashes);
        }

        return Switching::kept($house, $after);
    }

    public function patches(House $house, Asker $by): array
    {
        return $this->patches;
    }

    public function summary(House $house): null
    {
        return null;
    }
}

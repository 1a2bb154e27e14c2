<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** A room added by its kind, with its water; what it usually has is drawn for confirming. */
final readonly class AddRoom implements Command
{
    /** @param list<FixtureKind> $water */
    public function __construct(private AreaKind $kind, private array $water)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::room($house, $this->kind, $this->water);
    }

    public function summary(House $house): null
    {
        return null;
    }
}

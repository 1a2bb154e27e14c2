<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** A room added by its kind, with its water; what it usually has is drawn for confirming. */
final readonly class AddRoom implements Told
{
    /** @param list<FixtureKind> $water */
    public function __construct(private AreaKind $kind, private array $water)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->choice('kind', AreaKind::class), $body->choices('water', FixtureKind::class, 8));
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

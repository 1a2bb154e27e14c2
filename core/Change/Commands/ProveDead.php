<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\House;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Proving;

/** A point proved dead, live-dead-live. */
final readonly class ProveDead implements Happening
{
    /** @param list<VoltReading> $dead */
    public function __construct(
        private string $point,
        private ProofWay $way,
        private ?VoltReading $liveBefore,
        private array $dead,
        private ?VoltReading $liveAfter,
    ) {
    }

    public function on(House $house, Asker $by): House
    {
        return Proving::proved($house, $house->point($this->point), $this->way, $this->liveBefore, $this->dead, $this->liveAfter, $by);
    }

    public function summary(House $house): string
    {
        return 'Proved dead';
    }
}

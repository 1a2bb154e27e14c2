<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Proving;

/** A point proved dead, live-dead-live. */
final readonly class ProveDead implements Happening, Told
{
    private const MOST_VOLTS = 1000;

    /** @param list<VoltReading> $dead */
    public function __construct(
        private string $point,
        private ProofWay $way,
        private ?VoltReading $liveBefore,
        private array $dead,
        private ?VoltReading $liveAfter,
    ) {
    }

    public static function told(Body $body): self
    {
        $point = $body->id('point');
        // Held against the reference lead where one is used: a lead that is not grounded reads nothing anywhere.
        $against = $body->flag('reference') ? Between::HotReference : null;
        $known = fn(?float $volts): ?VoltReading => $volts === null ? null : new VoltReading(
            $volts,
            $body->maybeId('known_live'),
            between: $against,
        );
        $lowZ = $body->flag('low_z');

        return new self(
            $point,
            $body->choice('way', ProofWay::class),
            $known($body->maybeNumber('live_before', 0, self::MOST_VOLTS)),
            array_map(fn(Body $one): VoltReading => new VoltReading(
                $one->number('volts', 0, self::MOST_VOLTS),
                $point,
                $one->maybeChoice('half', Half::class),
                $one->maybeText('pair', 1),
                $one->choice('between', Between::class),
                $lowZ,
                $one->maybeChoice('terminals', Terminals::class),
            ), $body->parts('readings', 200)),
            $known($body->maybeNumber('live_after', 0, self::MOST_VOLTS)),
        );
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

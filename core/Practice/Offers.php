<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Practice\Deeds\Act;
use Bouclier\Core\Practice\Deeds\BoxDeed;
use Bouclier\Core\Practice\Deeds\CapPairs;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Deeds\MakeUp;
use Bouclier\Core\Practice\Deeds\OpenUp;
use Bouclier\Core\Practice\Deeds\ReadDead;
use Bouclier\Core\Practice\Deeds\ReadOnce;
use Bouclier\Core\Practice\Deeds\TraceRuns;

/**
 * What somebody on a visit can do at one place: at the panel, an outlet, its box once it stands open, a pair in it, an appliance, or in the
 * house as a whole. All that hands could do is there, the dangerous too: what is dangerous is for who works to know.
 */
final readonly class Offers
{
    public function __construct(private Visit $visit)
    {
    }

    /** @return list<Deed> in the house as a whole */
    public function inHouse(): array
    {
        return [...$this->at(new Spot()), ...($this->visit->isTraced() ? [] : [new TraceRuns()])];
    }

    /** @return list<Deed> at one circuit or appliance */
    public function at(Spot $place): array
    {
        return $this->actions($place, fn(Action $action): bool => ! $action->isInTheBox());
    }

    /** @return list<Deed> at the face of an outlet, and what gets into its box */
    public function atOutlet(string $point): array
    {
        $deeds = [ReadDead::class, ReadOnce::class, ...($this->visit->isOpen($point) ? [CapPairs::class, MakeUp::class] : [OpenUp::class])];

        return [
            ...$this->at(new Spot(point: $point)),
            ...array_map(fn(string $deed): BoxDeed => new $deed($point), $deeds),
        ];
    }

    /** @return list<Deed> in an open box, at its device */
    public function inBox(string $point): array
    {
        return $this->visit->isOpen($point)
            ? $this->actions(new Spot(point: $point), fn(Action $action): bool => $action->isInTheBox())
            : [];
    }

    /** @return list<Deed> at one pair in an open box */
    public function atPair(string $point, string $cable): array
    {
        $isFrom = $this->visit->case->asItIs->findCable($cable)?->fromPoint() === $point;

        return $this->visit->isOpen($point)
            ? $this->actions(new Spot(cable: $cable, atFrom: $isFrom), fn(Action $action): bool => $action->isInTheBox())
            : [];
    }

    /**
     * @param \Closure(Action): bool $fits
     *
     * @return list<Deed>
     */
    private function actions(Spot $place, \Closure $fits): array
    {
        $now = $this->visit->situation();
        $deeds = [];
        foreach (Kinds::ALL as $kind) {
            foreach ($kind::canBeDone() ? $kind::offeredAt($place, $now) : [] as $action) {
                if ($fits($action)) {
                    $deeds[] = new Act($action);
                }
            }
        }

        return $deeds;
    }
}

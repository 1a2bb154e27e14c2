<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** One outlet where it stands, with everything a rule may look at: the house, its feeds, the edition and the kind of work. */
final readonly class Site
{
    public House $house;

    public FeedMap $feeds;

    public Edition $edition;

    public Area $area;

    public function __construct(
        public Context $context,
        public Point $point,
        public Work $work,
    ) {
        $this->house = $context->house;
        $this->feeds = $context->feeds;
        $this->edition = $context->edition;
        $this->area = $context->house->areaOf($point);
    }

    /** What lengths are said in. */
    public function unit(): LengthUnit
    {
        return $this->house->code->unit($this->edition);
    }

    public function circuit(): ?Circuit
    {
        return $this->feeds->feed($this->point)->circuit;
    }

    /** Volts at the outlet: a receptacle's own, of a hard-wired outlet or light those of its circuit. */
    public function volts(): float
    {
        return $this->point->isReceptacle() ? $this->point->volts() : ($this->circuit()?->volts() ?? $this->point->volts ?? 120.0);
    }

    public function serves(Serves ...$any): bool
    {
        return in_array($this->point->serves(), $any, true);
    }

    /** A receptacle, light or hard-wired outlet: where current is taken. A switch or junction box is none. */
    public function isOutlet(): bool
    {
        return $this->point->isOutlet();
    }

    /** A 15 or 20 A receptacle that takes cords, of up to so many volts. A locking ceiling receptacle takes none. */
    public function isCordReceptacle(float $upToVolts): bool
    {
        return $this->point->isReceptacle()
            && $this->point->volts() <= $upToVolts
            && in_array($this->point->amps(), [15.0, 20.0], true)
            && ! $this->serves(Serves::CeilingSupport);
    }

    /**
     * How wet it gets, for what the weather does to a receptacle. Outdoors it is wet unless it is said to be damp, under a roof: what is
     * not recorded is not favourable, and nothing outdoors stays dry.
     */
    public function weather(): Exposure
    {
        return $this->area->kind === AreaKind::Outdoors && $this->point->exposure !== Exposure::Damp
            ? Exposure::Wet
            : $this->point->exposure();
    }

    /** The local change to the distance of this rule that fits this outlet, the last one written. */
    public function amendedDistance(Rule $rule): ?Amendment
    {
        $found = array_filter($this->amendments(AmendmentKind::Distance, $rule), fn(Amendment $amendment): bool => $amendment->ft !== null);

        return $found === [] ? null : $found[array_key_last($found)];
    }

    /** @return list<Amendment> local changes of that kind to a rule that fit this outlet */
    public function amendments(AmendmentKind $do, Rule $rule): array
    {
        return $this->house->code->amendments() === [] ? [] : array_values(array_filter(
            $this->house->code->amendments(),
            fn(Amendment $amendment): bool => $amendment->do === $do
                && Amended::speaksOf($amendment, $rule, $this->house->code->edition)
                && $amendment->fits($this->area, $this->point),
        ));
    }
}

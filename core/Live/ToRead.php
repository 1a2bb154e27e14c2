<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\House\Yoke;

/** One place where a meter is held to prove a point dead. */
final readonly class ToRead
{
    public function __construct(
        public Between $between,
        public ?Half $half = null,
        public ?string $pair = null,
        public ?Terminals $terminals = null,
    ) {
    }

    /**
     * All of them at a point: both halves while the plate is on, every pair once the box is open, LINE too where that is what was seen
     * live. Where it can not be seen live, every conductor against the reference: at the terminals, at the pairs once the box is open.
     *
     * @return list<self>
     */
    public static function at(House $house, Point $point, ProofWay $way = ProofWay::SeenLive): array
    {
        $betweens = Between::toProve($way !== ProofWay::Reference && $point->ground()->isThere());
        $pairs = BoxOpened::pairsAt($house, $point->id);
        if ($pairs !== null) {
            $places = fn(Between $between, string $pair): self => new self($between, pair: $pair);

            return self::each($betweens, $places, BoxOpened::names($pairs));
        }
        $terminals = match (true) {
            $way === ProofWay::SeenLive => [],
            $way === ProofWay::Reference && $point->device->feedsThrough() => Terminals::cases(),
            default => [Terminals::Line],
        };

        return [
            ...self::each($betweens, fn(Between $between, Terminals $at): self => new self($between, terminals: $at), $terminals),
            ...($way === ProofWay::Reference ? [] : self::each(
                $betweens,
                fn(Between $between, ?Half $half): self => new self($between, $half),
                self::halves($point),
            )),
        ];
    }

    /** @return list<Half|null> both of a duplex; there is none above 20 A */
    public static function halves(Point $point): array
    {
        $isDuplex = $point->isReceptacle() && $point->yoke() === Yoke::Duplex && $point->amps() <= 20.0;

        return $isDuplex ? [Half::Top, Half::Bottom] : [null];
    }

    /** Whether a reading was taken there. */
    public function is(VoltReading $read): bool
    {
        return $this->half === $read->half
            && $this->pair === $read->pair
            && $this->terminals === $read->terminals
            && $this->between === $read->between;
    }

    public function spoken(): string
    {
        $where = match (true) {
            $this->half !== null => "{$this->half->value} half, ",
            $this->pair !== null => "pair {$this->pair}, ",
            $this->terminals !== null => "{$this->terminals->label()}, ",
            default => '',
        };

        return $where . $this->between->label();
    }

    /**
     * @template T
     *
     * @param list<Between> $betweens
     * @param \Closure(Between, T): self $place
     * @param list<T> $where
     *
     * @return list<self>
     */
    private static function each(array $betweens, \Closure $place, array $where): array
    {
        $places = [];
        foreach ($where as $one) {
            foreach ($betweens as $between) {
                $places[] = $place($between, $one);
            }
        }

        return $places;
    }
}

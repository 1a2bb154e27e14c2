<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** Ways to close a gap at an outlet, each as the house would then be. What nobody makes, or would not hold, is not among them. */
final readonly class Repairs
{
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Protection $protection,
    ) {
    }

    /** @return iterable<array{string, House}> in words, and the house with it */
    public function at(Point $point): iterable
    {
        if (! $this->protection->isGivenByDevices()) {
            yield from $this->built($point);

            return;
        }
        foreach ($this->pathUp($point) as [$cable, $device, $below]) {
            if ($device->gives($this->protection) && $cable->from instanceof CableEnd && ! $cable->from->land()->isLoad()) {
                $landed = $cable->with(from: $cable->from->with(land: Landing::both(Land::Load)));
                yield ["Land the cable to {$below->code} on LOAD of {$device->code}.", $this->house->withCable($landed)];
            }
            if ($this->feeds->wiring($device) !== Wiring::Right) {
                yield $this->fedOnLine($device);
            }
        }
        if ($point->gives($this->protection) && $this->feeds->wiring($point) !== Wiring::Right) {
            yield $this->fedOnLine($point);
        } elseif ($point->isReceptacle() && $point->accessible()) {
            yield from $this->deviceHere($point);
        }
        yield from $this->breaker($this->feeds->feed($point)->circuit);
    }

    /** @return iterable<array{string, House}> */
    private function built(Point $point): iterable
    {
        if ($point->isReceptacle()) {
            yield $this->protection === Protection::Tr
                ? ['A tamper-resistant receptacle here.', $this->house->withPoint($point->with(tr: true))]
                : ['A weather-resistant receptacle here.', $this->house->withPoint($point->with(wr: true))];
        }
    }

    /** @return iterable<array{string, House}> */
    private function deviceHere(Point $point): iterable
    {
        [$device, $words] = $this->protection === Protection::Gfci
            ? [$point->device->givesAfci() ? Device::Dual : Device::Gfci, 'A GFCI receptacle here.']
            : [$point->device->givesGfci() ? Device::Dual : Device::Afci, 'An outlet-type AFCI here.'];
        $with = $point->with(device: $device);
        if ($with->isDeviceMade()) {
            yield [$words, $this->house->withPoint($with)];
        }
    }

    /** @return iterable<array{string, House}> a one-pole one holds on no half of a multiwire circuit */
    private function breaker(?Circuit $circuit): iterable
    {
        if ($circuit === null) {
            return;
        }
        $gives = $this->protection === Protection::Gfci
            ? ($circuit->breaker()->givesAfci() ? BreakerType::Dual : BreakerType::Gfci)
            : ($circuit->breaker()->givesGfci() ? BreakerType::Dual : BreakerType::Afci);
        $name = $this->protection->label();
        if ($circuit->multiwireWith === null) {
            yield [
                ($this->protection === Protection::Gfci ? 'A' : 'An') . " $name breaker at {$circuit->slot} {$circuit->label}.",
                $this->house->withCircuit($circuit->with(breaker: $gives)),
            ];

            return;
        }
        $other = $this->house->circuit($circuit->multiwireWith);
        yield [
            "One two-pole $name breaker for {$circuit->slot} and {$other->slot}, which share a neutral.",
            $this->house->onTwoPoles($circuit, $gives),
        ];
    }

    /** @return list<array{Cable, Point, Point}> each cable on the way up to the breaker, the point it leaves, the point it feeds */
    private function pathUp(Point $point): array
    {
        $path = [];
        for ($feed = $this->feeds->feed($point); $feed->cable !== null && $feed->upstream !== null; $feed = $this->feeds->feed($point)) {
            $path[] = [$feed->cable, $feed->upstream, $point];
            $point = $feed->upstream;
        }

        return $path;
    }

    /** @return array{string, House} */
    private function fedOnLine(Point $device): array
    {
        $house = $this->house;
        foreach ($house->cables as $cable) {
            if ($cable->to->point === $device->id) {
                $house = $house->withCable($cable->with(to: $cable->to->with(land: Landing::both(Land::Line))));
            }
        }

        return ["Put the feed of {$device->code} on LINE.", $house];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Yoke;

/** One place where a meter is held to prove a point dead. */
final readonly class ToRead
{
    public function __construct(
        public Between $between,
        public ?Half $half = null,
        public ?string $pair = null,
    ) {
    }

    /**
     * All of them at a point: both halves while the plate is on, every pair once the box is open, each hot to neutral, hot to ground and neutral to
     * ground. Without a ground there is nothing to hold the meter to, and hot to neutral has to do.
     *
     * @return list<self>
     */
    public static function at(House $house, Point $point): array
    {
        $betweens = $point->ground()->isThere() ? Between::cases() : [Between::HotNeutral];
        $pairs = self::pairsSeen($house, $point);
        $places = [];
        if ($pairs !== null) {
            foreach (range(0, $pairs - 1) as $number) {
                foreach ($betweens as $between) {
                    $places[] = new self($between, pair: chr(ord('a') + $number));
                }
            }

            return $places;
        }
        foreach ($point->isReceptacle() && $point->yoke() === Yoke::Duplex ? [Half::Top, Half::Bottom] : [null] as $half) {
            foreach ($betweens as $between) {
                $places[] = new self($between, $half);
            }
        }

        return $places;
    }

    /** The pairs counted when the box was opened; null while it was not. */
    public static function pairsSeen(House $house, Point $point): ?int
    {
        $pairs = null;
        foreach (Observations::of($house)->seen as $seen) {
            if ($seen instanceof BoxOpened && $seen->point === $point->id) {
                $pairs = $seen->pairs;
            }
        }

        return $pairs;
    }

    public function spoken(): string
    {
        $where = match (true) {
            $this->half !== null => "{$this->half->value} half, ",
            $this->pair !== null => "pair {$this->pair}, ",
            default => '',
        };

        return $where . $this->between->label();
    }
}

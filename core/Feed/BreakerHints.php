<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/**
 * What speaks for an outlet being on a breaker before anything was tried: labels that match, amperes and volts that fit, what hangs beside
 * it. Hints order, they never rule out.
 */
final readonly class BreakerHints
{
    /** What each hint is worth beside a breaker nothing speaks for. */
    private const BELIEVED = 8.0;
    private const LABEL = 6.0;
    private const DIED_WITH = 6.0;
    private const NEIGHBOUR = 3.0;
    private const AMPERES_DO_NOT_FIT = 0.3;
    private const VOLTS_DO_NOT_FIT = 0.01;

    private House $house;

    /** @var array<bool> whether nothing worked there when somebody looked last, by point */
    private array $isDead;

    public function __construct(private FeedMap $feeds)
    {
        $this->house = $feeds->house;
        $switchings = new Switchings($this->house);
        $isDead = [];
        foreach ($this->house->entries->all(MeterReading::class) as $read) {
            if ($read->point !== null && $read->lit !== null && $this->house->hasPoint($read->point)) {
                $isDead[$read->point] = ! $read->lit && ! $this->cameBack($read->point, $read->atTime, $switchings);
            }
        }
        $this->isDead = $isDead;
    }

    /** @return list<string> points where nothing worked when somebody looked last */
    public function dead(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->isDead)));
    }

    /** Whether the breaker it is taken to be on was turned on since: then it says nothing of now. */
    private function cameBack(string $point, ?string $at, Switchings $switchings): bool
    {
        $circuit = $this->feeds->feed($this->house->point($point))->circuit;
        $on = $circuit === null ? null : $switchings->lastOn($circuit);
        $read = Moment::seconds($at);

        return $on !== null && $read !== null && $on > $read;
    }

    public function weight(Point $point, Circuit $circuit): float
    {
        return array_product(array_column($this->all($point, $circuit), 0));
    }

    /** @return list<string> */
    public function reasons(Point $point, Circuit $circuit): array
    {
        return array_column($this->all($point, $circuit), 1);
    }

    /**
     * Breakers whose labels are alike: nothing on the panel tells them apart, so they are turned off together.
     *
     * @return list<Circuit> the others
     */
    public function alike(Circuit $circuit): array
    {
        $words = self::words($circuit->label);

        return array_values(array_filter(
            $this->house->circuits,
            fn(Circuit $other): bool => $other->id !== $circuit->id
                && $other->poles() === $circuit->poles()
                && ($words === [] ? $other->label === $circuit->label : self::words($other->label) === $words),
        ));
    }

    public static function fitsVolts(Point $point, Circuit $circuit): bool
    {
        return ($circuit->volts() >= 200.0) === ($point->volts() >= 200.0);
    }

    /** @return list<array{float, string}> */
    private function all(Point $point, Circuit $circuit): array
    {
        $hints = [];
        if ($this->feeds->feed($point)->circuit?->id === $circuit->id) {
            $hints[] = [self::BELIEVED, 'noted for this outlet'];
        }
        $words = self::words(
            "{$this->house->areaOf($point)->name} {$point->name}"
                . ($point->serves() === Serves::General ? '' : ' ' . $point->serves()->label()),
        );
        if (array_intersect(self::words($circuit->label), $words) !== []) {
            $hints[] = [self::LABEL, 'label matches'];
        }
        // What works has not died with anything.
        $dead = ($this->isDead[$point->id] ?? true) === false ? [] : array_filter(
            $this->feeds->pointsOn($circuit),
            fn(Point $other): bool => $other->id !== $point->id && ($this->isDead[$other->id] ?? false),
        );
        if ($dead !== []) {
            $codes = implode(', ', array_map(fn(Point $other): string => $other->code, $dead));
            $hints[] = [self::DIED_WITH, "dead too: $codes"];
        }
        if (array_filter(
            $this->feeds->pointsOn($circuit),
            fn(Point $other): bool => $other->area === $point->area && $other->id !== $point->id,
        ) !== []) {
            $hints[] = [self::NEIGHBOUR, 'feeds others in the room'];
        }
        if ($point->isReceptacle() && $point->amps() > $circuit->amps) {
            $hints[] = [self::AMPERES_DO_NOT_FIT, (int) $point->amps() . ' A receptacle on ' . (int) $circuit->amps . ' A breaker'];
        }
        if (! self::fitsVolts($point, $circuit)) {
            $hints[] = [self::VOLTS_DO_NOT_FIT, 'volts do not fit'];
        }

        return $hints;
    }

    /** @return list<string> words of four letters or more, without what a plural adds */
    private static function words(string $text): array
    {
        preg_match_all('/\p{L}{4,}/u', mb_strtolower($text), $found);

        return array_map(fn(string $word): string => rtrim($word, 's'), $found[0]);
    }
}

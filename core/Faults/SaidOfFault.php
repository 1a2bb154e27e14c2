<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\KnownPlaces;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;

/** A fault as a house file says it, read key by key. What is missing is noted, and something stands in for it. */
final class SaidOfFault
{
    /** @var list<FileFault> */
    public array $wrong = [];

    public readonly Spot $at;

    /** @param list<Fault> $of what it consists of, where it comes and goes */
    public function __construct(
        private readonly Loose $data,
        private readonly string $pointer,
        private readonly KnownPlaces $places,
        public readonly array $of = [],
    ) {
        $this->at = $data->spot('at') ?? new Spot();
    }

    /** @param list<string> $allowed kinds of place */
    public function isAt(array $allowed): void
    {
        array_push($this->wrong, ...$this->places->faults($this->at, $allowed, "$this->pointer/at"));
    }

    public function ohms(): float
    {
        $ohms = $this->data->number('ohms') ?? 0.0;
        if ($ohms <= 0.0) {
            $this->isWrong('/ohms', 'resistance has to be said');
        }

        return $ohms;
    }

    public function conductor(): Conductor
    {
        $conductor = Conductor::tryFrom($this->data->text('conductor') ?? '');
        if ($conductor === null) {
            $this->isWrong('/conductor', 'which conductor has to be said');
        }

        return $conductor ?? Conductor::Hot;
    }

    public function landing(): Landing
    {
        $land = fn(string $key): ?Land => Land::tryFrom($this->data->text($key) ?? '');
        $hot = $land('hot') ?? $land('neutral');
        $neutral = $land('neutral') ?? $land('hot');
        if ($hot === null || $neutral === null) {
            $this->isWrong('', 'where hot and neutral land has to be said');
        }

        return new Landing($hot ?? Land::Line, $neutral ?? Land::Line);
    }

    /** The point a neutral is borrowed from. */
    public function lender(): string
    {
        $lender = $this->data->spot('lender') ?? new Spot();
        array_push($this->wrong, ...$this->places->faults($lender, ['point'], "$this->pointer/lender"));

        return $lender->point ?? '';
    }

    public function tripMa(): float
    {
        $tripMa = $this->data->number('trip_ma');
        if ($tripMa === null) {
            $this->isWrong('/trip_ma', 'the current it trips at has to be said');
        }

        return $tripMa ?? 0.0;
    }

    public function chance(): float
    {
        return $this->data->number('chance') ?? 1.0;
    }

    /** @param string $where pointer from the fault on */
    public function isWrong(string $where, string $what): void
    {
        $this->wrong[] = new FileFault($this->pointer . $where, $what);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Half;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Noise;

/** The three lamps of a plug-in tester. */
final readonly class Tester extends Instrument
{
    private const LAMPS = ['hn' => 'hot to neutral', 'hg' => 'hot to ground', 'ng' => 'neutral to ground'];
    private const SURE = 0.97;

    public function __construct(Spot $at, private ?Half $half = null)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'tester';
    }

    public static function places(): array
    {
        return ['at' => ['point']];
    }

    public static function takes(): array
    {
        return [Field::oneOf('half', array_column(Half::cases(), 'value'))];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $now->house->point($at->point ?? '')->takesUsualPlugs();
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->half());
    }

    public static function reads(): array
    {
        return array_map(Field::flag(...), array_keys(self::LAMPS));
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->forTesters() as $point) {
            yield [new self(new Spot(point: $point->id))];
        }
    }

    protected function details(): array
    {
        return $this->half === null ? [] : ['half' => $this->half->value];
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function mayMislead(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading($in->meters->tester($in->grid(), $this->at->point ?? ''));
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        $likelihood = 1.0;
        foreach ($this->lamps($following, $world) as $lamp => $lit) {
            $likelihood *= $reading->flag($lamp) === $lit ? 1.0 - Noise::MISREAD : Noise::MISREAD;
        }

        return $likelihood;
    }

    protected function shows(Following $following, World $world): Chances
    {
        $pattern = implode('', array_map(fn(bool $lit): string => $lit ? '1' : '0', $this->lamps($following, $world)));

        return (new Chances())->add(Outcome::of('lamps', $pattern), self::SURE)->add(Outcome::anythingElse(), 1.0 - self::SURE);
    }

    /** @return array{hn: bool, hg: bool, ng: bool} */
    private function lamps(Following $following, World $world): array
    {
        $lamps = $following->instruments()->lamps($following->grid($world), $this->at->point ?? '');

        return ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng];
    }

    public function sees(Reading $reading, LiveSight $sight): void
    {
        $hn = $reading->flag('hn');
        if ($hn !== null) {
            $sight->lamps($this->at, $this->half, $hn, $reading->flag('hg'), $reading->flag('ng'));
        }
    }

    public function asks(): Asked
    {
        return Asked::Lamps;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return "Tester in {$places->spot($this->at)}";
    }

    /** Whether it says that all is right. */
    public static function isCorrect(Reading $reading): bool
    {
        return $reading->flag('hn') === true && $reading->flag('hg') === true && $reading->flag('ng') === false;
    }

    public function spoken(Places $places, Reading $reading): string
    {
        if ($reading->flag('hn') === null) {
            return 'done';
        }
        return self::lit(fn(string $lamp): bool => $reading->flag($lamp) === true);
    }

    /** @param \Closure(string): bool $isLit by the key of a lamp */
    private static function lit(\Closure $isLit): string
    {
        $lit = array_values(array_filter(self::LAMPS, $isLit, ARRAY_FILTER_USE_KEY));

        return match (true) {
            $lit === [self::LAMPS['hn'], self::LAMPS['hg']] => '"correct"',
            $lit === [] => 'no lamp lit',
            default => 'lit ' . implode(' and ', $lit),
        };
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        $lamps = array_keys(self::LAMPS);

        return $outcome->what !== 'lamps'
            ? $outcome->key
            : self::lit(fn(string $lamp): bool => $outcome->item[(int) array_search($lamp, $lamps, true)] === '1');
    }

    public function asReading(Outcome $outcome): array
    {
        return $outcome->what !== 'lamps'
            ? parent::asReading($outcome)
            : array_combine(array_keys(self::LAMPS), array_map(fn(string $lit): bool => $lit === '1', str_split($outcome->item)));
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** Some minutes with everything as it is: a breaker that carries too much opens, and what comes and goes is drawn anew. */
final readonly class Wait extends Action
{
    /** Minutes after which what comes and goes is drawn once more. */
    private const DRAWN_EVERY = 10.0;

    /** Minutes a breaker needs that carries too much. */
    private const THERMAL = 1.0;

    public function __construct(private float $minutes)
    {
        parent::__construct();
    }

    public static function name(): string
    {
        return 'wait';
    }

    public static function places(): array
    {
        return [];
    }

    public static function takes(): array
    {
        return [Field::number('minutes', most: 1440.0)];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        foreach ($at->id() === '' ? [10.0, 60.0] : [] as $minutes) {
            yield new self($minutes);
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->number('minutes'));
    }

    public static function reads(): array
    {
        return [Field::ids('tripped')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        yield [new self(self::DRAWN_EVERY)];
    }

    protected function details(): array
    {
        return ['minutes' => $this->minutes];
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function energises(): bool
    {
        return true;
    }

    protected function draws(): int
    {
        return (int) floor($this->minutes / self::DRAWN_EVERY);
    }

    public function act(Simulation $in): Reading
    {
        $tripped = [];
        for ($draw = 0; $draw < $this->draws(); ++$draw) {
            array_push($tripped, ...$in->energised());
        }
        if ($this->minutes >= self::THERMAL) {
            foreach ($in->tripping->overloaded($in->condition) as $breaker) {
                $in->condition->opens($breaker);
                array_push($tripped, ...$in->condition->twoPole->together($breaker));
            }
        }
        array_push($tripped, ...$in->tripping->settle($in->condition));

        return new Reading(['tripped' => $tripped]);
    }

    protected function observed(Following $following, World $then, Reading $reading, array $tripped): void
    {
        if ($following->overloaded($then) === []) {
            $following->observe($then, $tripped);

            return;
        }
        $breakers = array_filter($tripped, fn(string $id): bool => ! $following->house()->hasPoint($id));
        $then->weight *= $breakers === [] ? Likelihood::SLIP : 1.0;
        array_map($then->opens(...), $tripped);
    }

    protected function beforeSettling(Following $following, World $world): void
    {
        array_map($world->opens(...), $following->overloaded($world));
    }

    public function done(Places $places): string
    {
        return "Wait {$this->minutes} minutes";
    }
}

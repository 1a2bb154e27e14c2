<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Tripping;

/** The button of a tester: a little current from hot to ground. */
final readonly class TesterButton extends Action
{
    /** Milliamperes below which nothing is said of a device. */
    private const LEAST_MA = 0.001;

    public static function name(): string
    {
        return 'tester_button';
    }

    public static function places(): array
    {
        return ['at' => ['point']];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $now->house->point($at->point ?? '')->takesUsualPlugs();
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::ids('tripped'), Field::number('after_ms'), Field::numbersById('residual_ma')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->forTesters() as $point) {
            yield [new self(new Spot(point: $point->id))];
        }
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function isButton(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->button = [$this->at->point ?? '', Tripping::BUTTON_OHMS];

        return false;
    }

    public function act(Simulation $in): Reading
    {
        $this->does($in->condition, $in->feeds);
        $residuals = array_filter($in->tripping->residuals($in->grid()), fn(float $milliamperes): bool => $milliamperes >= self::LEAST_MA);
        $tripped = $in->tripping->settle($in->condition);
        $in->condition->button = null;

        return new Reading([...$in->answered($tripped), 'residual_ma' => (object) $residuals]);
    }

    protected function observed(Following $following, World $then, Reading $reading, array $tripped): void
    {
        $following->observe($then, $tripped);
        $then->weight *= $this->residuals($following, $then, $reading);
        $this->after($then);
    }

    protected function after(World $world): void
    {
        $world->condition->button = null;
        $world->changed();
    }

    private function residuals(Following $following, World $world, Reading $reading): float
    {
        $read = $reading->numbers('residual_ma');
        if ($read === null) {
            return 1.0;
        }
        // As the button was held, before anything opened.
        $held = clone $world;
        array_map(fn(string|int $id) => $held->closes((string) $id), array_keys($read));
        $likelihood = 1.0;
        foreach ($read as $id => $ma) {
            if ($following->protectors([(string) $id]) !== []) {
                [$supposed, $without] = $following->residual($held, (string) $id);
                $likelihood *= $supposed->read($world, $ma, $without) / Likelihood::ofTrueMilliamperes();
            }
        }

        return $likelihood;
    }

    public function done(Places $places): string
    {
        return "Press the tester's button in {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        return ["{$this->done($places)}, and note which device answers."];
    }

    public function why(Places $places, array $before): string
    {
        return 'The button needs a ground to leak into. Where there is none it proves nothing: press the device\'s own TEST.';
    }
}

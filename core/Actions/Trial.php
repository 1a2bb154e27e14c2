<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** Left in use for days with who lives there: how often it trips. Each evening it is reset, and at the end it stands as it did. */
final readonly class Trial extends Action
{
    private const PROPOSED_DAYS = 10;

    public function __construct(Spot $at, private int $days)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'trial';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    public static function takes(): array
    {
        return [Field::count('days', most: 90.0)];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        if ($at->device() !== null && $now->isProtective($at->device())) {
            yield new self($at, self::PROPOSED_DAYS);
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, (int) $said->number('days'));
    }

    public static function reads(): array
    {
        return [Field::number('trips')];
    }

    /**
     * Days of use, as it is, and with something taken off or changed; never where food spoils or a basement floods behind a device that may
     * open unseen: that hangs on another device meanwhile.
     */
    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->closed() as [$device, $circuit]) {
            if (! $now->isProtective($device)) {
                continue;
            }
            $trial = new self($now->spot($device), self::PROPOSED_DAYS);
            $atStake = $now->atStakeOn($circuit);
            $moves = array_values(array_filter(array_map($now->movedElsewhere(...), $atStake)));
            if (count($moves) < count($atStake)) {
                continue;
            }
            $staying = array_diff($now->pluggedOn($circuit), array_column($atStake, 'id'));
            $without = array_map(fn(string $appliance): Action => new Unplug(new Spot(appliance: $appliance)), array_values($staying));
            foreach ([
                ...($staying === [] ? [] : [$now->unplugAll($circuit)]),
                ...$without,
                ...$now->lifts($circuit),
                new SwapDevice($trial->at),
            ] as $first) {
                yield [...$moves, $first, $trial];
            }
            yield [...$moves, $trial];
        }
    }

    protected function details(): array
    {
        return ['days' => $this->days];
    }

    public function days(): int
    {
        return $this->days;
    }

    public function minutes(): float
    {
        return 5.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->at->device() ?? '';
        $before = $in->condition->open;
        $trips = 0;
        for ($day = 0; $day < $this->days; ++$day) {
            if (! $in->isDead($id)) {
                $in->condition->closes($id);
            }
            $trips += in_array($id, $in->energised(), true) ? 1 : 0;
        }
        $in->condition->open = $before;
        $in->tripping->settle($in->condition);

        return new Reading(['trips' => $trips]);
    }

    public function read(Following $following, World $world, Reading $reading): array
    {
        $world->weight *= $following->trial($world, $this->at->device() ?? '', max(1, $this->days), (int) $reading->number('trips'));

        return [$world];
    }

    /** None of the days, some, or every one. */
    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        $days = max(1, $this->days);
        $none = $following->trial($world, $this->at->device() ?? '', $days, 0);
        $all = $following->trial($world, $this->at->device() ?? '', $days, $days);
        $ways = [];
        foreach (['quiet' => $none, 'every day' => $all, 'some days' => max(0.0, 1.0 - $none - $all)] as $name => $chance) {
            $then = clone $world;
            $then->weight *= $chance;
            $ways[] = [$then, Outcome::named($name)];
        }

        return $ways;
    }

    /** Whether it says that there was no trip. */
    public static function isQuiet(Outcome $outcome): bool
    {
        return $outcome->what === 'quiet';
    }

    public function asks(): Asked
    {
        return Asked::Trips;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return "Leave it in use for {$this->days} days";
    }

    public function steps(Places $places, bool $opens): array
    {
        return ["{$this->done($places)}.", 'The householder notes each trip on the page, and resets.'];
    }

    public function why(Places $places, array $before): string
    {
        return 'It cannot be made to happen now. Each day of use tells something, if the rule is set before.';
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $trips = $reading->number('trips');

        return match (true) {
            $trips === null => 'done',
            (int) $trips === 0 => 'it never tripped',
            default => "it tripped $trips " . ((int) $trips === 1 ? 'time' : 'times'),
        };
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return match ($outcome->what) {
            'quiet' => 'no trip in those days',
            'every day' => 'it trips every day',
            default => 'it trips on some days',
        };
    }
}

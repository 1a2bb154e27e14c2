<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/**
 * One thing done at a house to learn something of it. One class a kind: where it can be done, what it costs and needs, what it does and
 * shows, how likely a reading is, what it asks and how it is spoken of. All kinds stand in {@see Kinds}; nothing else in core tells one
 * from another.
 */
abstract readonly class Action
{
    protected const PROVED_DEAD = 'Breaker off, proved dead here.';

    /** @param Spot $at where: what the keys `at`, `circuit`, `point`, `cable` and `appliance` of the file name */
    public function __construct(public Spot $at = new Spot())
    {
    }

    /** As `do` in a house file. */
    abstract public static function name(): string;

    /** @return array<string, list<string>> kinds of place it names, by the key that names it */
    abstract public static function places(): array;

    abstract public static function of(SaidOfAction $said): self;

    /** @return list<Field> what it shows */
    abstract public static function reads(): array;

    /** Minutes it takes by itself. */
    abstract public function minutes(): float;

    /** Minutes it takes in a house: more where what is moved is heavy. */
    public function minutesIn(House $house): float
    {
        return $this->minutes();
    }

    /** Minutes where its box stands open already, the breaker is off, and making it up is a step of its own; null where that is no less. */
    public function minutesAtOpenBox(): ?float
    {
        return null;
    }

    /** What it does and shows in the model. */
    abstract public function act(Simulation $in): Reading;

    /** As a headline: what to do, or what was done. */
    abstract public function done(Places $places): string;

    /** @return list<Field> what it takes beside places */
    public static function takes(): array
    {
        return [];
    }

    /** Whether it may say a point it goes to. */
    public static function mayGoTo(): bool
    {
        return false;
    }

    /** Whether somebody can do it at a house: an x-ray for tests and teaching cannot be. */
    public static function canBeDone(): bool
    {
        return true;
    }

    /** @return iterable<non-empty-list<Action>> what is worth trying now that ends with it, with what is done before */
    public static function worthTrying(Situation $now): iterable
    {
        return [];
    }

    /**
     * What of this kind can be done at one place as the house stands, whether it is worth it or not.
     *
     * @return iterable<Action>
     */
    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        $kinds = static::places() === [] ? [] : array_merge(...array_values(static::places()));
        if (in_array($at->kind(), $kinds, true) && $at->id() !== '' && static::isOfferedAt($at, $now)) {
            yield static::of(new SaidOfAction(new Loose(['at' => $at->said(withEnd: true)])));
        }
    }

    /** Whether it has a meaning at a place that its kind allows. */
    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return true;
    }

    // What it is, as far as the order of work goes.

    /** Whether hands or an instrument go into the box of its place. */
    public function isInTheBox(): bool
    {
        return false;
    }

    /** Whether parts are live while it is done. */
    public function isLive(): bool
    {
        return false;
    }

    /** Why it cannot be done dead. */
    public function liveBecause(): string
    {
        return 'A voltage is there only with the power on. Every conductor capped or in a connector, read at test ports.';
    }

    /** Whether it shows something only while the circuit is on. */
    public function wantsPower(): bool
    {
        return false;
    }

    /** Whether what a button has opened on the way is closed before. */
    public function wantsClosed(): bool
    {
        return true;
    }

    /** Whether it is done on a cable by itself: breakers off, and nothing plugged in. */
    public function wantsCableAlone(): bool
    {
        return false;
    }

    /** Whether it leaves the wiring as it is: what it showed stands until something else is changed. */
    public function onlyShows(): bool
    {
        return false;
    }

    /** Whether what was read before it stands after it, for one that is not there to show. */
    public function changesNothing(): bool
    {
        return $this->onlyShows();
    }

    /** Whether it shows the same however often it is done. */
    public function isDoneOnce(): bool
    {
        return false;
    }

    /** How often it is worth doing at one place though things were changed in between; null for any number. */
    public function mostAmongChanges(): ?int
    {
        return null;
    }

    /** How often it is worth trying with nothing else changed; null for any number. */
    public function mostTries(): ?int
    {
        return null;
    }

    /** Whether something is energised or run anew by it: then what comes and goes is drawn anew, and a device may open. */
    public function energises(): bool
    {
        return false;
    }

    /** The device it closes, whether that holds or not. */
    public function closes(): ?string
    {
        return null;
    }

    /** A device that is another afterwards. */
    public function replaces(): ?string
    {
        return null;
    }

    /** Whether what it opened was opened on purpose. */
    public function isButton(): bool
    {
        return false;
    }

    /** @return array{string, bool}|null the breaker it turns, and whether it is on then */
    public function turns(): ?array
    {
        return null;
    }

    /** Whether it only takes something away or off: then that nothing trips says that it was done. */
    public function takesAway(): bool
    {
        return false;
    }

    /** Whether what opens at a step before it counts as shown by it. */
    public function countsEarlier(): bool
    {
        return false;
    }

    /** Whether it may show what is not there, though the cause is the right one: an old stain, a lamp misread. */
    public function mayMislead(): bool
    {
        return false;
    }

    /** Whether it measures a current, or what insulates. */
    public function measures(): bool
    {
        return false;
    }

    /** Days it is left with who lives there. */
    public function days(): int
    {
        return 0;
    }

    /** A point beside its place that it is about. */
    public function to(): ?string
    {
        return null;
    }

    public function pair(): ?string
    {
        return null;
    }

    /** Whether the end of a cable it names says the box; else it may be done in either. */
    public function isAtOneEnd(): bool
    {
        return false;
    }

    /** @return list<string> boxes it may be done in, by point id */
    public function boxes(House $house): array
    {
        $cable = $house->findCable($this->at->cable);
        if ($cable === null) {
            return [$this->at->point ?? ''];
        }
        $from = $cable->fromPoint();

        return match (true) {
            $this->isAtOneEnd() => [($this->at->atFrom ? $from : $cable->to->point) ?? ''],
            $from === null => [$cable->to->point],
            default => [$cable->to->point, $from],
        };
    }

    /** How it leaves the box it is done in: made up where power comes on at its end; null where it opens none. */
    protected function leaves(): ?BoxState
    {
        return null;
    }

    /** @return array<BoxState> how it leaves boxes, by point id */
    public function leavesBoxes(House $house): array
    {
        $state = $this->leaves();
        $cable = $house->findCable($this->at->cable);
        $box = $cable === null ? $this->at->point : ($this->at->atFrom ? $cable->fromPoint() : $cable->to->point);

        return $state === null || $box === null ? [] : [$box => $state];
    }

    // What it does.

    /**
     * What it changes in how a house stands, before anything opens by it.
     *
     * @return bool whether something is energised or begins to run by it
     */
    public function does(Condition $condition, FeedMap $feeds): bool
    {
        return false;
    }

    /** What it leaves behind for who lives there. */
    public function atHome(AtHome $home, FeedMap $feeds): void
    {
    }

    /** What its reading says of places that were live or dead. */
    public function sees(Reading $reading, LiveSight $sight): void
    {
    }

    // Under a cause that is followed.

    /**
     * @return list<World> the ways it goes on, each with how likely it makes the reading in its weight
     */
    public function read(Following $following, World $world, Reading $reading): array
    {
        $tripped = $following->protectors($reading->tripped());
        $done = $following->done($world, $this);
        $after = $this->energises() ? $following->drawn($done, $tripped === [] ? $this->draws() : 1) : [$done];
        foreach ($after as $then) {
            $this->observed($following, $then, $reading, $tripped);
        }

        return $after;
    }

    /** @param list<string> $tripped */
    protected function observed(Following $following, World $then, Reading $reading, array $tripped): void
    {
        $following->observe($then, $tripped);
    }

    /**
     * @param list<string>|null $open what was open before the first of several actions, where what any of them opens counts
     *
     * @return list<array{World, Outcome}> the ways it may go on, each with what it then shows
     */
    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        $then = $following->done($world, $this);
        $before = $open ?? $then->open();
        $after = [];
        foreach ($this->energises() ? $following->drawn($then, $this->draws()) : [$then] as $drawn) {
            $this->beforeSettling($following, $drawn);
            foreach ($following->settled($drawn) as $end) {
                $opened = array_values(array_diff($end->open(), $before));
                sort($opened);
                $dead = $this->showsDead() ? $following->dead($end) : null;
                $this->after($end);
                $after[] = [$end, $opened === [] ? Outcome::holds($dead) : Outcome::trips($opened, $dead)];
            }
        }

        return $after;
    }

    /** What it may show, and how likely each is; the outcomes are the same for all causes.
     *
     * @param list<string>|null $open as for {@see self::leadsTo()}
     */
    public function chances(Following $following, World $world, ?array $open = null): Chances
    {
        $chances = new Chances();
        foreach ($this->leadsTo($following, $world, $open) as [$after, $outcome]) {
            $chances->add($outcome, (1.0 - Likelihood::SLIP) * $after->weight);
        }

        return $chances;
    }

    /** How likely its reading is under a cause nobody thought of. */
    public function likelihoodOfAnything(Reading $reading): float
    {
        return $reading->isEmpty() ? 1.0 : Likelihood::ANYTHING;
    }

    /** How often what comes and goes is drawn by it. */
    protected function draws(): int
    {
        return 1;
    }

    protected function beforeSettling(Following $following, World $world): void
    {
    }

    protected function after(World $world): void
    {
    }

    /** Whether what is dead then is part of what it shows. */
    protected function showsDead(): bool
    {
        return false;
    }

    // What it asks, and how it is spoken of.

    public function asks(): Asked
    {
        return Asked::Choice;
    }

    /**
     * @param list<Outcome> $expected what it may show
     * @param list<string> $protectors what trips, as a rule, where nothing is expected to
     *
     * @return list<Offer> answers to be tapped: nothing trips, or one of those that may
     */
    public function offers(Places $places, array $expected, array $protectors): array
    {
        $tripping = [];
        foreach ($expected as $outcome) {
            if ($outcome->what === 'trips' && $outcome->ids !== []) {
                $tripping[Outcome::trips($outcome->ids)->key] ??= $outcome->ids;
            }
        }
        $offers = [new Offer('Nothing trips', ['tripped' => []], Outcome::holds())];
        foreach ($tripping !== [] ? $tripping : array_map(fn(string $id): array => [$id], $protectors) as $ids) {
            $offers[] = new Offer(self::names($places, $ids) . ' trips', ['tripped' => $ids], Outcome::trips($ids));
        }

        return $offers;
    }

    /**
     * How it is done, step by step.
     *
     * @param bool $opens whether its box has not been open before
     *
     * @return list<string>
     */
    public function steps(Places $places, bool $opens): array
    {
        return ["{$this->done($places)}."];
    }

    /**
     * Why this, and not what comes to mind first; empty where that needs no saying.
     *
     * @param list<Action> $before what is done before it
     */
    public function why(Places $places, array $before): string
    {
        return '';
    }

    /** What was read, in words. */
    public function spoken(Places $places, Reading $reading): string
    {
        $tripped = $reading->tripped();

        return match (true) {
            $reading->listed('tripped') === null => 'done',
            $tripped !== [] => self::names($places, $tripped) . ' tripped',
            default => $this->takesAway() ? 'done' : 'nothing tripped',
        };
    }

    /** What it may show, in words. */
    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return match ($outcome->what) {
            'holds' => 'nothing trips',
            'trips' => $outcome->ids === [] ? 'it trips' : self::names($places, $outcome->ids) . ' trips',
            default => $outcome->key,
        };
    }

    /** @return array<string, mixed> what it may show, as a reading */
    public function asReading(Outcome $outcome): array
    {
        return in_array($outcome->what, ['trips', 'holds'], true)
            ? ['tripped' => $outcome->ids] + ($outcome->dead === null ? [] : ['dead' => $outcome->dead])
            : ['shows' => $outcome->key];
    }

    /** @return array<string, mixed> what is filed of it where nothing tripped and what it leads to was read */
    public function passed(): array
    {
        return ['tripped' => []];
    }

    /** @return array<string, mixed> as a house file writes it */
    final public function said(): array
    {
        $said = ['do' => static::name()];
        foreach (array_keys(static::places()) as $key) {
            $said[$key] = match ($key) {
                'at' => $this->at->said(withEnd: $this->at->cable !== null),
                'to' => $this->to(),
                'pair' => $this->pair(),
                'circuit' => $this->at->circuit,
                'point' => $this->at->point,
                'cable' => $this->at->cable,
                default => $this->at->appliance,
            };
        }

        return [...$said, ...$this->details()];
    }

    /** @return array<string, mixed> what it takes beside places */
    protected function details(): array
    {
        return [];
    }

    /** What tells one action from another: by it goes the order of what is equal otherwise. */
    final public function text(): string
    {
        $at = [
            $this->at->point, $this->at->circuit, $this->at->cable, $this->at->atFrom ? 'from' : 'to', $this->at->appliance,
            $this->at->cord,
        ];
        $said = $this->details();
        $more = [
            ($said['on'] ?? false) === true ? 'on' : 'off',
            is_string($said['between'] ?? null) ? $said['between'] : 'hn',
            ($said['low_z'] ?? false) === true ? 'low' : 'high',
            is_numeric($said['minutes'] ?? null) ? $said['minutes'] : 0,
            $this->days(),
        ];

        return implode(' ', [static::name(), ...$at, $this->to(), $this->pair(), ...$more]);
    }

    /** Whether it is done at the same place with the same leads: what it shows is one reading. */
    public function isSame(self $other): bool
    {
        return $other::class === static::class && $this->at->is($other->at);
    }

    /** @param list<string> $ids of devices and breakers */
    final protected static function names(Places $places, array $ids): string
    {
        return implode(' and ', array_map($places->device(...), $ids));
    }

    /** @return list<string> with the box opened for the first time, where it is */
    final protected function provedDead(Places $places, bool $opens): array
    {
        return $opens
            ? [
                'Breaker off, then prove it dead here.',
                "Take the plate off and draw the device out at {$places->spot($this->at)}: prove every pair dead.",
            ]
            : [self::PROVED_DEAD];
    }

    /** The box a cable's end is in, as it is spoken of; the place itself where it is none. */
    final protected function box(Places $places): string
    {
        return match (true) {
            $this->at->cable === null => $places->spot($this->at),
            $this->at->atFrom => $places->start($this->at->cable),
            default => $places->end($this->at->cable),
        };
    }
}

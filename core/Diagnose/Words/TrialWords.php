<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\AtHome;
use Bouclier\Core\Actions\Elsewhere;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\AtStake;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;

/**
 * What a trial asks of the householder, in words of the house and not of the trade: which thing to leave how, what not to do, and what is
 * at stake.
 */
final class TrialWords
{
    private readonly FeedMap $feeds;

    private readonly Action $trial;

    private readonly AtHome $home;

    /**
     * @param list<Action> $done everything that was done in the call so far
     * @param list<Action> $actions what is done before the trial, and the trial itself last
     */
    public function __construct(private readonly House $house, array $done, array $actions)
    {
        $this->feeds = new FeedMap($house);
        $this->trial = $actions[count($actions) - 1];
        $this->home = new AtHome();
        foreach ([...$done, ...$actions] as $action) {
            $action->atHome($this->home, $this->feeds);
        }
    }

    /** @return array{days: int, where: string, reset: bool, how: string, asks: list<string>, not: list<string>, stakes: list<string>} */
    public function page(): array
    {
        $device = $this->trial->at->point;

        return [
            'days' => $this->trial->days(),
            'where' => $device === null
                ? 'the breaker the electrician showed you'
                : 'the outlet with the TEST and RESET buttons, ' . $this->outlet($this->house->point($device)),
            // A breaker is behind the door of the panel, which nobody is asked to open.
            'reset' => $device !== null,
            'how' => $device === null ? '' : Manners::reset($this->house->point($device)),
            'asks' => $this->asks(),
            'not' => $this->not(),
            'stakes' => array_map(fn(array $stake): string => $stake['text'], $this->stakes()),
        ];
    }

    /**
     * The rule of a trial that is cut down to one day, agreed before as any.
     *
     * @param string $trips what a trip would point to
     *
     * @return list<array{shown: string, means: string}>
     */
    public static function oneDay(string $trips): array
    {
        return [
            ['shown' => 'it trips on that day', 'means' => $trips === '' ? 'It is there.' : $trips],
            ['shown' => 'it holds', 'means' => 'Little: one day is short, and counts as one.'],
        ];
    }

    /**
     * What spoils or floods when it is off for days: what is unplugged for the trial, and what hangs on the device that may trip.
     *
     * @return list<array{appliance: string, name: string, text: string, move: array{point: string, spoken: string}|null}>
     */
    public function stakes(): array
    {
        $stakes = [];
        foreach ($this->concerned() as $appliance) {
            $what = $this->atStake($appliance);
            if ($what === null || isset($this->home->moved[$appliance->id])) {
                continue;
            }
            $isOut = isset($this->home->out[$appliance->id]);
            // One that stays in may be what trips it: moved away, the trial would ask something else.
            $to = $isOut && $appliance->at !== null ? Elsewhere::of($this->feeds, $appliance->at) : null;
            $name = self::lower($appliance->name);
            $stakes[] = [
                'appliance' => $appliance->id,
                'name' => $name,
                'text' => $isOut
                    ? "The $name is off all that time. $what"
                    : "When it trips, the $name is off too: look at it morning and evening. $what",
                'move' => $to === null ? null : ['point' => $to->id, 'spoken' => $this->outlet($to)],
            ];
        }

        return $stakes;
    }

    /** @return list<string> */
    private function asks(): array
    {
        $asks = $this->home->out === [] ? [] : ['Leave unplugged: ' . implode(', ', $this->theOut()) . '.'];
        foreach ($this->home->moved as $id => $to) {
            $name = self::lower($this->house->findAppliance((string) $id)->name ?? 'appliance');
            $asks[] = "Leave the $name plugged in at {$this->outlet($this->house->point($to))}. Use it there as always.";
        }
        array_push($asks, ...array_values(array_diff_key($this->home->left, $this->home->out)));
        if ($this->home->isWiringChanged) {
            $asks[] = 'Some outlets have no power meanwhile: the electrician showed you which.';
        }

        return [...$asks, $asks === [] ? 'Use everything as you always do.' : 'Use everything else as you always do.'];
    }

    /** @return list<string> */
    private function not(): array
    {
        return [
            ...($this->home->out === [] ? [] : [
                'Do not plug ' . implode(' or ', $this->theOut()) . ' in again on those outlets, not even to try.',
            ]),
            ...($this->home->moved === [] ? [] : ['Do not plug back what was moved.']),
            'Do not press TEST, and do not plug in anything new there.',
        ];
    }

    /** @return list<string> */
    private function theOut(): array
    {
        return array_values(array_map(fn(Appliance $one): string => 'the ' . self::lower($one->name), $this->home->out));
    }

    /** @return list<Appliance> those on the circuit of the trial, and those unplugged for it */
    private function concerned(): array
    {
        $at = $this->trial->at;
        $circuit = $at->circuit ?? ($at->point === null ? null : $this->feeds->feed($this->house->point($at->point))->circuit?->id);

        return array_values(array_column([...$this->pluggedOn($circuit), ...$this->home->out], null, 'id'));
    }

    /** @return list<Appliance> */
    private function pluggedOn(?string $circuit): array
    {
        return array_values(
            array_filter(
                $this->house->appliances,
                fn(Appliance $one): bool => $one->at !== null && $this->feeds->feed(
                    $this->house->point($one->at),
                )->circuit?->id === $circuit,
            ),
        );
    }

    /** What happens when it stands still, null where nothing does. */
    private function atStake(Appliance $appliance): ?string
    {
        return match (AtStake::of($this->house, $appliance)) {
            AtStake::Flood => 'Without it the pit fills: not while rain is forecast, and look at the water twice a day.',
            AtStake::Food => 'Food keeps for some hours with the door shut and no longer.',
            AtStake::Other => 'Something depends on it: ask before it is left off.',
            null => null,
        };
    }

    private function outlet(Point $point): string
    {
        return self::lower($this->house->areaOf($point)->name) . ", \u{201c}{$point->name}\u{201d}";
    }

    private static function lower(string $name): string
    {
        return mb_strtolower(mb_substr($name, 0, 1)) . mb_substr($name, 1);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Exchange\CallReader;
use Tests\Core\Build;
use Tests\Core\Houses;

/**
 * Stories of the trade: a house, what was told, what was done and seen, and what must and must not be concluded of it.
 *
 * @phpstan-type Story array{
 *     symptom: array<string, mixed>, tests?: list<array{array<string, mixed>, array<string, mixed>}>, more?: array<string, mixed>,
 *     cannot?: list<string>,
 *     settled?: bool, first?: string, among?: array<string, float>, under?: array<string, float>, next?: string,
 * }
 */
final class Stories
{
    private const TRIPS = ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'];
    private const NOW_AND_THEN = ['kind' => 'trips', 'at' => 'g', 'when' => 'random'];
    private const DEAD = ['kind' => 'dead', 'at' => 'p'];
    private const DEAD_DEVICE = ['kind' => 'dead', 'at' => 'g'];
    private const WILL_NOT_RESET = ['kind' => 'will_not_reset', 'at' => 'g'];
    private const WILL_NOT_TRIP = ['kind' => 'will_not_trip', 'at' => 'g'];
    private const WRONG = ['kind' => 'reads_wrong', 'at' => 'p'];

    private const RESET = ['do' => 'reset', 'at' => ['point' => 'g']];
    private const HELD = ['holds' => true, 'tripped' => [], 'no_power' => false];
    private const TRIPPED = ['holds' => false, 'tripped' => ['g'], 'no_power' => false];
    private const WONT_STAY = ['holds' => false, 'tripped' => [], 'no_power' => false];
    private const NO_POWER = ['holds' => false, 'tripped' => [], 'no_power' => true];
    private const LIGHT = ['do' => 'indicator', 'at' => ['point' => 'g']];
    private const PRESS = ['do' => 'press_test', 'at' => ['point' => 'g']];
    private const UNPLUG_ALL = ['do' => 'unplug_all', 'circuit' => 'c1'];
    private const NOTHING = ['tripped' => []];
    private const LIFT = ['do' => 'lift', 'point' => 'g', 'pair' => 'w2', 'on' => false];
    private const PUT_BACK = ['do' => 'lift', 'point' => 'g', 'pair' => 'w2', 'on' => true];
    private const LINE = ['do' => 'volts', 'at' => ['cable' => 'w1', 'end' => 'to'], 'between' => 'hn', 'low_z' => true];
    private const OPENED = ['dead' => ['p', 'q'], 'tripped' => []];
    private const OPENED_OPEN = ['dead' => ['g', 'p', 'q'], 'tripped' => []];

    /** @return array<string, Story> by what it tells */
    public static function all(): array
    {
        $face = fn(string $point, string $between = 'hn', bool $low = true): array => [
            'do' => 'volts', 'at' => ['point' => $point], 'between' => $between, 'low_z' => $low,
        ];
        $tester = fn(string $point): array => ['do' => 'tester', 'at' => ['point' => $point]];
        $with = fn(string $do, string $appliance, array $more = []): array => ['do' => $do, 'appliance' => $appliance] + $more;
        $look = fn(string $point): array => ['do' => 'inspect', 'at' => ['point' => $point]];
        $trial = fn(int $days): array => ['do' => 'trial', 'at' => ['point' => 'g'], 'days' => $days];
        $lamps = fn(string $lit): array => ['hn' => $lit[0] === '1', 'hg' => $lit[1] === '1', 'ng' => $lit[2] === '1'];

        return [
            'a dark light, a dead face, and the light once more' => [
                'symptom' => self::DEAD_DEVICE,
                'tests' => [[self::LIGHT, ['shows' => 'nothing']], [$face('g'), ['volts' => 0.0]], [self::LIGHT, ['shows' => 'nothing']]],
                'settled' => false, 'under' => ['open:w1:hot' => 0.9],
            ],
            'the same of a device that trips' => [
                'symptom' => self::TRIPS,
                'tests' => [[self::LIGHT, ['shows' => 'nothing']], [$face('g'), ['volts' => 0.0]], [self::LIGHT, ['shows' => 'nothing']]],
                'settled' => false, 'under' => ['open:w1:hot' => 0.5],
            ],
            'the same of a new device that will not reset' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::LIGHT, ['shows' => 'nothing']], [$face('g'), ['volts' => 0.0]], [self::LIGHT, ['shows' => 'nothing']]],
                'more' => ['g' => ['self_test' => true]],
                'settled' => false, 'among' => ['reversed_line_load:g' => 0.03], 'under' => ['open:w1:hot' => 0.9],
            ],
            'an outlet on no known circuit that will not reset' => [
                'symptom' => ['kind' => 'will_not_reset', 'at' => 'lone'],
                'more' => ['house' => self::withLone()],
                'settled' => false, 'under' => ['no_feed' => 0.95],
            ],
            'a light says tripped, and it holds again: nobody looked at the outlet' => [
                'symptom' => self::DEAD,
                'tests' => [[self::LIGHT, ['shows' => 'tripped']], [self::RESET, self::HELD]],
                'settled' => false, 'next' => 'volts',
            ],
            'the same, and the outlet is live' => [
                'symptom' => self::DEAD,
                'tests' => [[self::LIGHT, ['shows' => 'tripped']], [self::RESET, self::HELD], [$face('p'), ['volts' => 120.4]]],
                'settled' => true, 'first' => 'upstream_tripped:g', 'under' => ['overload' => 0.02],
            ],
            'the same, and the outlet is dead' => [
                'symptom' => self::DEAD,
                'tests' => [[self::LIGHT, ['shows' => 'tripped']], [self::RESET, self::HELD], [$face('p'), ['volts' => 0.2]]],
                'under' => ['upstream_tripped:g' => 0.1],
            ],
            'an outlet behind a pair that is recorded as split is dead' => [
                'symptom' => self::DEAD,
                'more' => ['house' => self::splitAtG()],
                'among' => ['upstream_tripped:g' => 0.1],
            ],
            'the same, and it is live when the device is in again' => [
                'symptom' => self::DEAD,
                'tests' => [[self::LIGHT, ['shows' => 'tripped']], [self::RESET, self::HELD], [$face('p'), ['volts' => 120.4]]],
                'more' => ['house' => self::splitAtG()],
                'settled' => true, 'first' => 'upstream_tripped:g',
            ],
            'what runs behind a pair that is recorded as split trips something' => [
                'symptom' => ['kind' => 'trips', 'at' => 'p', 'when' => 'with_load', 'running' => ['kettle']],
                'more' => ['house' => self::splitAtG()],
                'first' => 'land:w2:from:load',
            ],
            'TEST does nothing, told as a trip' => [
                'symptom' => self::NOW_AND_THEN,
                'tests' => [[self::PRESS, self::NOTHING + ['dead' => []]]],
                'among' => ['stuck_device:g' => 0.2],
            ],
            'TEST does nothing, told as reading wrong' => [
                'symptom' => self::WRONG,
                'tests' => [[self::PRESS, self::NOTHING + ['dead' => []]]],
                'among' => ['stuck_device:g' => 0.2],
            ],
            'it will not stay in, twice' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::RESET, self::WONT_STAY], [self::RESET, self::WONT_STAY]],
                'settled' => false,
            ],
            'it will not stay in with LINE live and LOAD lifted' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [
                    [self::RESET, self::WONT_STAY], [self::LINE, ['volts' => 121.0]], [self::LIFT, self::OPENED_OPEN],
                    [self::RESET, self::WONT_STAY],
                ],
                'settled' => true, 'first' => 'dead_device:g',
            ],
            'it will not stay in with LINE live, LOAD as it was' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::LINE, ['volts' => 121.0]], [self::RESET, self::WONT_STAY]],
                'settled' => false,
            ],
            'it holds with LOAD lifted' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::RESET, self::TRIPPED], [self::LIFT, self::OPENED_OPEN], [self::RESET, self::HELD]],
                'settled' => false, 'under' => ['dead_device:g' => 0.05, 'weak_device:g' => 0.4],
            ],
            'no power at LINE' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::RESET, self::NO_POWER], [self::LINE, ['volts' => 0.3]]],
                'under' => ['dead_device:g' => 0.02, 'weak_device:g' => 0.02],
            ],
            'trips with everything out and LOAD lifted, a clean box, then thirty quiet days with a new device' => [
                'symptom' => self::NOW_AND_THEN,
                'tests' => [
                    [self::UNPLUG_ALL, self::NOTHING], [self::LIFT, self::OPENED], [$look('g'), ['seen' => []]],
                    [$trial(7), ['trips' => 3]], [['do' => 'swap_device', 'at' => ['point' => 'g']], self::HELD],
                    [$trial(30), ['trips' => 0]],
                ],
                'first' => 'weak_device:g',
            ],
            'a device that will not stay in, and thirty quiet days: it trips on none of them' => [
                'symptom' => self::TRIPS,
                'tests' => [
                    [self::RESET, ['holds' => false, 'tripped' => [], 'no_power' => false]], [$trial(30), ['trips' => 0]],
                ],
                'first' => 'dead_device:g',
            ],
            'a trial without the suspect trips twice' => [
                'symptom' => self::NOW_AND_THEN,
                'tests' => [[$with('unplug', 'kettle'), self::NOTHING], [$trial(10), ['trips' => 2]]],
                'under' => ['leak:appliance:kettle' => 0.01, 'leak:appliance:kettle:intermittent' => 0.01],
            ],
            'a trial without the suspect is quiet' => [
                'symptom' => self::NOW_AND_THEN,
                'tests' => [[$trial(10), ['trips' => 6]], [$with('unplug', 'kettle'), self::NOTHING], [$trial(10), ['trips' => 0]]],
                'first' => 'leak:appliance:kettle:intermittent',
            ],
            'ghost volts of 1 V on an open ground' => [
                'symptom' => self::WRONG,
                'tests' => [[$face('p', 'hg', false), ['volts' => 1.0]]],
                'settled' => false,
            ],
            'ghost volts of 4 V' => [
                'symptom' => self::WRONG,
                'tests' => [[$face('p', 'hg', false), ['volts' => 4.0]]],
                'settled' => false,
            ],
            'ghost volts of 12 V' => [
                'symptom' => self::WRONG,
                'tests' => [[$face('p', 'hg', false), ['volts' => 12.0]], [$face('p', 'ng', false), ['volts' => 9.0]]],
                'settled' => false,
            ],
            'without its cord it holds, on its cord it trips' => [
                'symptom' => self::TRIPS,
                'tests' => [
                    [self::RESET, self::TRIPPED], [$with('without_cord', 'lamp'), self::NOTHING], [self::RESET, self::HELD],
                    [$with('with_cord', 'lamp'), ['tripped' => ['g']]],
                ],
                'first' => 'leak:cord:lamp', 'among' => ['leak:cord:lamp' => 0.8],
            ],
            'a newer device wired in reverse will not reset' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::RESET, self::NO_POWER]],
                'more' => ['g' => ['self_test' => true]],
                'among' => ['reversed_line_load:g' => 0.05], 'settled' => false,
            ],
            'the same, and its feed is live where it was taken for LOAD' => [
                'symptom' => self::WILL_NOT_RESET,
                'tests' => [[self::RESET, self::NO_POWER], [self::LINE, ['volts' => 120.8]]],
                'more' => ['g' => ['made_between' => ['2019', null]]],
                'among' => ['reversed_line_load:g' => 0.5],
            ],
            'TEST leaves its own face live and darkens what lies beyond' => [
                'symptom' => self::WILL_NOT_TRIP,
                'tests' => [[self::PRESS, ['tripped' => ['g'], 'dead' => ['p', 'q']]]],
                'first' => 'reversed_line_load:g',
            ],
            'TEST darkens face and all beyond' => [
                'symptom' => self::WILL_NOT_TRIP,
                'tests' => [[self::PRESS, ['tripped' => ['g'], 'dead' => ['g', 'p', 'q']]]],
                'under' => ['stuck_device:g' => 0.05, 'reversed_line_load:g' => 0.05],
            ],
            'its breaker opened, was reset, and the device stayed dead' => [
                'symptom' => self::DEAD_DEVICE,
                'tests' => [
                    [['do' => 'indicator', 'at' => ['circuit' => 'c1']], ['shows' => 'tripped']],
                    [['do' => 'reset', 'at' => ['circuit' => 'c1']], self::HELD],
                    [self::RESET, self::WONT_STAY],
                ],
                'among' => ['dead_device:g' => 0.3],
            ],
            'the kettle moved to another device trips that' => [
                'symptom' => self::TRIPS,
                'tests' => [[self::RESET, self::TRIPPED], [$with('move', 'kettle', ['to' => 'r']), ['tripped' => ['r']]]],
                'settled' => true, 'first' => 'leak:appliance:kettle',
            ],
            'the kettle moved to another device trips nothing' => [
                'symptom' => self::TRIPS,
                'tests' => [[self::RESET, self::TRIPPED], [$with('move', 'kettle', ['to' => 'r']), self::NOTHING]],
                'under' => ['leak:appliance:kettle' => 0.03],
            ],
            'all out, and it still trips' => [
                'symptom' => self::TRIPS,
                'tests' => [[self::UNPLUG_ALL, self::NOTHING], [self::RESET, self::TRIPPED]],
                'under' => ['leak:appliance:kettle' => 0.02, 'leak:cord:lamp' => 0.02, 'honest_sum' => 0.02], 'settled' => false,
            ],
            'all out, and it holds' => [
                'symptom' => self::TRIPS,
                'tests' => [[self::RESET, self::TRIPPED], [self::UNPLUG_ALL, self::NOTHING], [self::RESET, self::HELD]],
                'under' => ['leak:point:p' => 0.05, 'neutral_ground:point:q' => 0.05, 'weak_device:g' => 0.3], 'settled' => false,
            ],
            'ground on neutral is seen in a box' => [
                'symptom' => self::TRIPS,
                'tests' => [
                    [self::UNPLUG_ALL, self::NOTHING], [self::RESET, self::TRIPPED], [$look('q'), ['seen' => ['ground_on_neutral']]],
                ],
                'first' => 'neutral_ground:point:q',
            ],
            'the cord once more, off and on' => [
                'symptom' => self::TRIPS,
                'tests' => [
                    [self::RESET, self::TRIPPED], [$with('without_cord', 'lamp'), self::NOTHING], [self::RESET, self::HELD],
                    [$with('with_cord', 'lamp'), ['tripped' => ['g']]], [$with('without_cord', 'lamp'), self::NOTHING],
                    [self::RESET, self::HELD], [$with('with_cord', 'lamp'), ['tripped' => ['g']]],
                ],
                'first' => 'leak:cord:lamp', 'among' => ['leak:cord:lamp' => 0.88],
            ],
            'a split pair is seen in the box of the device' => [
                'symptom' => ['when' => 'with_load', 'running' => ['kettle']] + self::TRIPS,
                'tests' => [[self::RESET, self::HELD], [$look('g'), ['seen' => ['pair_split']]]],
                'first' => 'land:',
            ],
            'everything is ruled out by lamps: it is not weak for that' => [
                'symptom' => self::NOW_AND_THEN,
                'tests' => [
                    [$tester('g'), $lamps('110')], [$tester('p'), $lamps('110')], [$tester('q'), $lamps('110')],
                    [self::UNPLUG_ALL, self::NOTHING],
                ],
                'settled' => false,
            ],
            'the pigtail is off where the tester misses the ground' => [
                'symptom' => self::WRONG,
                'tests' => [[$tester('p'), $lamps('100')], [$look('p'), ['seen' => ['ground_missing']]]],
                'first' => 'open:p:ground',
            ],
            'one outlet reads no ground and the one beyond it reads right' => [
                'symptom' => self::WRONG,
                'tests' => [[$tester('p'), $lamps('100')], [$tester('q'), $lamps('110')]],
                'first' => 'open:p:ground', 'under' => ['open:w2:ground' => 0.05],
            ],
        ];
    }

    /** The house with one outlet more, that nobody has put on a breaker. */
    private static function withLone(): array
    {
        return ['points' => [...Houses::called([])['points'], Build::point('lone', ['device' => 'gfci'])]];
    }

    /** @return array<string, mixed> hot of the pair to p on LOAD, its neutral on LINE */
    private static function splitAtG(): array
    {
        $cables = Houses::called([])['cables'];
        $cables[1]['from']['land'] = ['hot' => 'load', 'neutral' => 'line'];

        return ['cables' => $cables];
    }

    /** @param Story $story */
    public static function diagnosed(array $story): Diagnosis
    {
        $more = $story['more'] ?? [];

        return CallReader::of(Build::house(Houses::called(Houses::kettleAndLamp(), [
            'symptom' => $story['symptom'],
            'tests' => array_map(fn(array $test): array => ['action' => $test[0], 'reading' => $test[1]], $story['tests'] ?? []),
            'cannot' => $story['cannot'] ?? [],
        ] + ($more['house'] ?? []), $more['g'] ?? [])))->diagnose();
    }
}

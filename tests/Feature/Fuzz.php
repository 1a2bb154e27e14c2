<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Bodies that come close to what each route takes, and then go wrong somewhere: by a fixed seed, so that what was found is found again. */
final class Fuzz
{
    /** A body each route takes, or nearly so. */
    public const BODIES = [
        'POST houses/{house}/changes' => [
            'revision' => 0,
            'changes' => [['in' => 'points', 'id' => 'k1', 'set' => ['name' => 'New', 'amps' => 20, 'box' => ['material' => 'metal']]]],
        ],
        'POST houses/{house}/entry' => ['revision' => 0, 'line' => "K1 ct 20 gfci 2'6 sink", 'area' => 'kit', 'last' => 'k1'],
        'POST houses/{house}/entry/read' => ['line' => '#5/7 20 gfci Kitchen', 'area' => null, 'last' => null],
        'POST houses/{house}/outlets' => [
            'revision' => 0,
            'csv' => "code,room,name\nK9-01,K1,New\n",
            'mapping' => ['code', 'room', 'name'],
            'skip_bad_rows' => true,
        ],
        'POST houses/{house}/outlets/read' => ['csv' => "code;room\nK9-01;K1\n", 'mapping' => ['code', 'room']],
        'POST houses/{house}/readings' => [
            'point' => 'k1',
            'half' => 'top',
            'lamps' => ['hn' => true, 'hg' => true, 'ng' => false],
            'volts' => 120.5,
            'between' => 'hn',
            'ma' => 3.5,
            'cable' => 'w1',
            'instrument' => 'T',
            'terminals' => 'line',
            'lit' => true,
            'glows' => false,
        ],
        'POST houses/{house}/order/areas' => ['id' => 'kit', 'before' => 'bath'],
        'POST houses/{house}/order/points' => ['id' => 'k1', 'before' => 'k2'],
        'POST houses/{house}/removals/areas' => ['id' => 'gar'],
        'POST houses/{house}/removals/points' => ['id' => 'k3'],
        'POST houses/{house}/removals/fixtures' => ['id' => 's'],
        'POST houses/{house}/items' => ['text' => 'Left', 'source' => 'Inspector', 'point' => 'k1', 'due' => '2026-12-01'],
        'POST houses/{house}/items/{entry}/close' => ['revision' => 0, 'evidence' => 'Seen'],
        'POST houses/{house}/observations' => [
            'kind' => 'trip', 'at' => 'k1', 'dead' => ['k2'], 'live' => ['n1'], 'already_dead' => [], 'back' => ['k2'],
            'circuit' => 'c5', 'point' => 'k2', 'pairs' => 2, 'pair' => 'a', 'by' => 'meter', 'tripped' => ['k1'],
        ],
        'POST houses/{house}/observations/{entry}/withdraw' => ['revision' => 0],
        'POST houses/{house}/runs/keep' => ['revision' => 0],
        'POST houses/{house}/breakers' => ['circuit' => 'c5', 'on' => false],
        'POST houses/{house}/mains' => ['panel' => 'main', 'on' => false],
        'POST houses/{house}/locks' => ['circuit' => 'c5', 'how' => 'locked', 'key' => 'Rosa'],
        'POST houses/{house}/proofs' => [
            'point' => 'k1',
            'live_before' => 121,
            'live_after' => 121,
            'known_live' => 'k2',
            'low_z' => true,
            'way' => 'seen_live',
            'reference' => false,
            'readings' => [['half' => 'top', 'pair' => null, 'terminals' => null, 'between' => 'hn', 'volts' => 0.2]],
        ],
        'POST houses/{house}/hunt' => ['point' => 'k2'],
        'POST houses/{house}/hunt/flipped' => ['step' => 0],
        'POST houses/{house}/hunt/looked' => ['step' => 1, 'out' => true],
        'DELETE houses/{house}/hunt' => [],
        'POST houses/{house}/outlets/{point}/box' => ['state' => 'apart'],
        'POST houses/{house}/outlets/{point}/checks' => ['check' => 'torque', 'ok' => true],
        'POST houses/{house}/outlets/{point}/tests' => ['by' => 'device_button', 'tripped' => true, 'trip_ms' => 24],
        'POST houses/{house}/outlets/{point}/notes' => ['text' => 'Seen'],
        'POST houses/{house}/outlets/{point}/photos' => ['photo' => 'none', 'text' => 'x'],
        'POST houses/{house}/outlets/{point}/backs' => ['back' => 'old', 'line_at' => 'top', 'leads' => false],
        'POST houses/{house}/outlets/{point}/well' => [],
        'POST houses/{house}/outlets/{point}/wires' => ['pair' => 'a', 'back' => 'old', 'hot' => 'line', 'neutral' => 'load'],
        'POST houses/{house}/outlets/{point}/pairs' => ['pair' => 'a', 'set' => ['awg' => 12, 'colours' => ['hot' => 'red']]],
        'POST houses/{house}/call' => [
            'kind' => 'trips',
            'at' => 'k1',
            'when' => 'at_once',
            'running' => ['kettle'],
            'words' => 'It trips',
        ],
        'POST houses/{house}/call/answers' => ['answers' => ['when' => 'Now and then', 'unplugged' => 'Yes, it stays in']],
        'POST houses/{house}/call/tests' => ['tests' => [
            [
                'action' => ['do' => 'reset', 'at' => ['point' => 'k1']],
                'reading' => ['holds' => true, 'tripped' => [], 'no_power' => false],
            ],
            [
                'action' => ['do' => 'volts', 'at' => ['cable' => 'w2', 'end' => 'to'], 'between' => 'hn', 'low_z' => true],
                'reading' => ['volts' => 118.2],
            ],
        ]],
        'POST houses/{house}/call/tests/{entry}/withdraw' => ['revision' => 0],
        'POST houses/{house}/call/cannot' => ['what' => 'clamp', 'cannot' => true],
        'POST houses/{house}/call/close' => ['note' => 'Done', 'left' => 'A part', 'due' => '2026-12-24'],
        'POST houses/{house}/call/drop' => [],
        'POST houses/{house}/calls/{entry}/reopen' => ['revision' => 0],
        'POST houses/{house}/call/questions' => [],
        'POST houses/{house}/call/trial' => [
            'tests' => [
                ['action' => ['do' => 'unplug', 'appliance' => 'kettle'], 'reading' => ['tripped' => []]],
                ['action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 10], 'reading' => ['trips' => 0]],
            ],
            'rule' => [['shown' => 'no trip', 'means' => 'x']],
        ],
        'POST houses/{house}/call/pages/{link}/take' => [],
        'POST houses/{house}/call/pages/{link}/withdraw' => [],
        'POST houses/{house}/history/{number}/restore' => ['revision' => 0],
        'POST houses/{house}/undo' => ['revision' => 0],
        'POST houses/{house}/redo' => ['revision' => 0],
        'POST houses' => ['name' => 'Heron Court 2', 'edition' => 'nec-2023', 'work' => 'new'],
        'POST jurisdictions' => [
            'name' => 'Here',
            'edition' => 'nec-2023',
            'amendments' => [
                [
                    'do' => 'distance', 'what' => 'gfci', 'clause' => '210.8', 'kinds' => ['kitchen'], 'serves' => ['general'],
                    'ft' => 8, 'author' => 'A', 'date' => '2026-01-01', 'source' => 'B',
                ],
            ],
        ],
        'POST houses/{house}/amendment-effects' => [
            'edition' => 'nec-2023',
            'amendments' => [
                ['do' => 'waive', 'what' => 'gfci', 'rule' => 'nec-210.8(A)-sinks', 'kinds' => ['kitchen'], 'points' => ['receptacle']],
            ],
        ],
        'POST instruments' => [
            'name' => 'T',
            'lamps' => ['hn', 'hg', 'ng'],
            'has_button' => true,
            'shows_volts' => false,
            'shows_time' => false,
        ],
        'PUT appliances' => ['class' => 'motor', 'range' => [0, 1, 0, 1]],
        'PUT priors' => ['name' => 'leak appliance', 'value' => 0.1],
        'PUT crew' => ['feed_mark' => 'twisted'],
        'POST invitations' => [
            'email' => 'x@crew.example',
            'role' => 'inspector',
            'house' => '01JZZZZZZZZZZZZZZZZZZZZZZZ',
            'until' => '2026-12-30',
        ],
        'PUT people/{person}' => ['role' => 'helper'],
        'POST meter/token' => ['name' => 'Bench'],
        'POST sign-in' => ['email' => 'a@crew.example', 'password' => 'x', 'remember' => true],
        'POST register' => [
            'crew' => 'C',
            'name' => 'N',
            'email' => 'n@crew.example',
            'password' => 'long enough words',
            'password_confirmation' => 'long enough words',
        ],
        'POST forgot-password' => ['email' => 'a@crew.example'],
        'POST reset-password' => [
            'token' => 'x',
            'email' => 'a@crew.example',
            'password' => 'long enough words',
            'password_confirmation' => 'long enough words',
        ],
        'POST for-you/{token}' => ['answers' => ['2026-11-01' => 'yes']],
        'PUT account/password' => ['current' => 'x', 'password' => 'long enough words', 'password_confirmation' => 'long enough words'],
        'POST account/second-step/confirm' => ['code' => '123456'],
    ];

    /** What no field is meant for, as JSON: some of it no PHP array can hold. */
    private const WRONG = [
        'null', 'true', '0', '-1', '1e999', '-1e999', '1.5e300', '9223372036854775808', '"<digits>"', '<digits>', '""', '" "',
        '"\u0000"', '"\ud83d\udd0c"', '[]', '{}', '[[[[[[]]]]]]', '{"x":{"y":[1,"2",null]}}',
        '["a","b"]', '[null]', '"k1"', '"nowhere"', '"c5"', '"w1"', '"kettle"', '"../../etc"', '"\'; drop table houses; --"',
        '"<long>"', '{"0":"k1","1":"k1"}', '"2026-02-31"', '"gfci"', '"-"', '1000001', '0.00001',
    ];

    private const PLACES = ['k1', 'k2', 'n3', 'nowhere', '0', 'c5', 'k1 ', '%00', 'g%201', '..'];

    /** @return array{string, string, string} method, address and body, as it is sent */
    public static function request(int $seed): array
    {
        mt_srand($seed);
        $route = self::any(array_keys(self::BODIES));
        [$method, $uri] = explode(' ', $route);
        $body = self::mutated(self::json(self::BODIES[$route]));
        $uri = str_replace(
            ['{point}', '{entry}', '{photo}', '{number}'],
            [
                self::any(self::PLACES),
                self::any(['0', 'x', '-1', '%2F..%2F', str_repeat('9', 80), '%F0%9F%94%8C']),
                self::any([str_repeat('a', 64) . '.png', 'x.png', '..%2F..%2F.env', '0']),
                self::any(['0', '1', '2', str_repeat('9', 40), 'x']),
            ],
            $uri,
        );

        return [$method, $uri, $body];
    }

    /** A house file that is no house any more, or still one: bytes or values changed. */
    public static function file(string $json, int $seed): string
    {
        mt_srand($seed);
        if (mt_rand(0, 3) === 0) {
            for ($times = mt_rand(1, 4); $times > 0; --$times) {
                $json[mt_rand(0, strlen($json) - 1)] = chr(mt_rand(0, 255));
            }

            return mt_rand(0, 4) === 0 ? substr($json, 0, mt_rand(0, strlen($json))) : $json;
        }

        return self::mutated($json);
    }

    /** One or a few values, keys or whole parts replaced, doubled or left out. */
    private static function mutated(string $json): string
    {
        for ($times = mt_rand(0, 3); $times > 0; --$times) {
            preg_match_all(
                '/(?<=[:,\[])\s*("(?:[^"\\\\]|\\\\.)*"|-?[\d.]+(?:e\d+)?|true|false|null)(?=\s*[,}\]])/',
                $json,
                $values,
                PREG_OFFSET_CAPTURE,
            );
            $found = $values[1] ?? [];
            if ($found === []) {
                return self::wrong();
            }
            [$value, $at] = $found[mt_rand(0, count($found) - 1)];
            $other = $found[mt_rand(0, count($found) - 1)][0];
            $with = match (mt_rand(0, 5)) {
                0 => $other,
                1 => "$value,$value",
                2 => '',
                default => self::wrong(),
            };
            $json = substr($json, 0, $at) . $with . substr($json, $at + strlen($value));
        }

        return $json;
    }

    private static function wrong(): string
    {
        return str_replace(['<digits>', '<long>'], [str_repeat('7', 400), str_repeat('long ', 2000)], self::any(self::WRONG));
    }

    /** @param array<mixed> $body */
    private static function json(array $body): string
    {
        return json_encode($body === [] ? new \stdClass() : $body, JSON_THROW_ON_ERROR);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private static function any(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}

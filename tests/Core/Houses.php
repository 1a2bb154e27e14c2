<?php

declare(strict_types=1);

namespace Tests\Core;

use Bouclier\Core\House\Edition;

/** Small houses that findings are looked for in, as parts of a house file. */
final class Houses
{
    /** One point p alone on circuit c1. */
    public static function lone(array $point = [], array $area = [], array $circuit = [], array $house = []): array
    {
        return $house + [
            'areas' => [$area + Build::area('a')],
            'circuits' => [Build::circuit('c1', $circuit)],
            'points' => [Build::point('p', $point)],
            'cables' => [Build::cable('c1', 'p')],
        ];
    }

    /** Point p, a GFCI unless said otherwise, and q beyond its LOAD. */
    public static function pair(array $p = [], array $q = [], array $house = [], array $cable = []): array
    {
        return $house + [
            'points' => [Build::point('p', $p + ['device' => 'gfci']), Build::point('q', $q)],
            'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'load', 'line', $cable)],
        ];
    }

    /**
     * What calls are about: a GFCI g with p and q beyond its LOAD, and another device r on another circuit.
     *
     * @param list<array<string, mixed>> $appliances
     * @param array<string, mixed> $g more of the GFCI
     */
    public static function called(array $appliances, array $house = [], array $g = []): array
    {
        return $house + [
            'points' => [
                Build::point('g', $g + ['device' => 'gfci']), Build::point('p'), Build::point('q', ['exposure' => 'wet']),
                Build::point('r', ['device' => 'gfci']),
            ],
            'cables' => [
                Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]),
                Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]),
                Build::cable('p', 'q', more: ['id' => 'w3', 'length_ft' => 30]),
                Build::cable('c2', 'r', more: ['id' => 'w4', 'length_ft' => 30]),
            ],
            'appliances' => $appliances,
        ];
    }

    /** A kettle at p, a lamp on a cord set at q. */
    public static function kettleAndLamp(): array
    {
        return [
            ['id' => 'kettle', 'name' => 'Kettle', 'at' => 'p', 'watts' => 1200],
            ['id' => 'lamp', 'name' => 'Lamp', 'at' => 'q', 'watts' => 60, 'extension' => true],
        ];
    }

    /** Points of one circuit, each in a room of its own: kind of room, then fields. */
    public static function circuitOf(array $circuit, array ...$points): array
    {
        $areas = $made = $cables = [];
        foreach ($points as $i => $point) {
            $id = $i === 0 ? 'p' : "p$i";
            $areas[] = Build::area($point['in'] ?? "a$i", $point[0]);
            $made[] = Build::point($id, array_diff_key($point, [0 => 1, 'in' => 1]) + ['area' => $point['in'] ?? "a$i"]);
            $cables[] = Build::cable('c1', $id);
        }

        return [
            'circuits' => [Build::circuit('c1', $circuit)],
            'areas' => array_values(array_column($areas, null, 'id')),
            'points' => $made,
            'cables' => $cables,
        ];
    }

    /**
     * Whether an exception lets point p off all GFCI, by edition, oldest NEC first.
     *
     * @param bool $shared whether another outlet hangs on the circuit
     *
     * @return list<bool>
     */
    public static function letOff(array $area, array $point, bool $shared): array
    {
        $house = $shared
            ? ['points' => [Build::point('p', $point), Build::point('q')], 'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')]]
            : [];

        return array_map(function (Edition $edition) use ($area, $point, $house): bool {
            $judged = Build::judged($edition, $area, $point, $house);

            return Build::gfciClauses($judged) === [] && $judged->exemptions !== [];
        }, [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023]);
    }
}

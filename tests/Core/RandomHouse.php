<?php

declare(strict_types=1);

namespace Tests\Core;

use Bouclier\Core\Exchange\HouseSchema;

/**
 * Data made by the schema itself: any shape the format allows, with references that resolve. Knows nothing of the reader or writer.
 */
final class RandomHouse
{
    /** @var array<string, mixed> */
    private array $schema;

    /** @var array<string, list<string>> ids by what they name */
    private array $ids = [];

    private function __construct()
    {
        $this->schema = json_decode(HouseSchema::json(), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    public static function data(int $seed, int $points = 8): array
    {
        mt_srand($seed);
        $random = new self();
        $random->ids = [
            'areas' => self::shuffled('a', 4), 'panels' => ['main', 'sub'], 'circuits' => self::shuffled('c', 3),
            'points' => self::shuffled('', $points),
            'fixtures' => self::shuffled('f', 4), 'cables' => self::shuffled('w', $points), 'appliances' => self::shuffled('x', 3),
        ];
        $house = $random->object($random->schema, 'house');
        foreach ($random->ids['fixtures'] as $i => $id) {
            $house['areas'][$i % 4]['fixtures'][] = ['id' => $id, 'kind' => ['sink', 'shower', 'bathtub', 'pool'][$i]];
        }
        foreach ($house['panels'] as $i => &$panel) {
            unset($panel['fed_from']);
            if ($i === 1) {
                $panel['fed_from'] = $random->ids['circuits'][0];
            }
        }
        foreach ($house['circuits'] as $i => &$circuit) {
            $circuit['panel'] = $i === 0 ? 'main' : self::any(['main', 'sub']);
        }
        $house['cables'] = $random->tree($house['cables']);

        return $house;
    }

    /** @return list<string> distinct ids in no order, some that look like numbers */
    private static function shuffled(string $prefix, int $count): array
    {
        $ids = array_map(fn(int $n): string => $prefix . $n, array_rand(array_flip(range(1, 99)), $count));
        shuffle($ids);

        return $ids;
    }

    /**
     * @param list<array<string, mixed>> $cables
     *
     * @return list<array<string, mixed>>
     */
    private function tree(array $cables): array
    {
        foreach ($cables as $i => &$cable) {
            $land = self::any([null, 'line', 'load', 'splice', 'cap', ['hot' => 'load', 'neutral' => 'line']]);
            $from = $i === 0 || mt_rand(0, 3) === 0
                ? ['circuit' => self::any($this->ids['circuits'])]
                : ['point' => $this->ids['points'][mt_rand(0, $i - 1)]] + ($land === null ? [] : ['land' => $land]);
            if (mt_rand(0, 9) === 0) {
                $from = ['circuits' => array_slice($this->ids['circuits'], 0, 2)];
            }
            $cable['from'] = $from;
            $cable['to'] = [
                'point' => $this->ids['points'][$i],
                'land' => self::any(['line', 'load', ['hot' => 'line', 'neutral' => 'load']]),
            ];
        }

        return $cables;
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function object(array $schema, string $path): array
    {
        $made = [];
        foreach ($schema['properties'] ?? [] as $key => $property) {
            if (isset($schema['allOf']) || in_array($key, $schema['required'] ?? [], true) || mt_rand(0, 1) === 1) {
                $made[$key] = $this->value($property, "$path.$key");
            }
        }

        return $made;
    }

    private function value(array $schema, string $path): mixed
    {
        if (isset($schema['$ref'])) {
            $name = substr((string) $schema['$ref'], strlen('#/$defs/'));

            return $name === 'id' ? $this->id($path) : $this->value($this->schema['$defs'][$name], "$path");
        }
        if (isset($schema['const'])) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return self::any($schema['enum']);
        }
        if (isset($schema['anyOf'])) {
            return $this->value(self::any(array_slice($schema['anyOf'], 0, str_ends_with($path, '.of') ? 1 : null)), $path);
        }
        $type = is_array($schema['type']) ? self::any($schema['type']) : $schema['type'];

        return match (true) {
            str_ends_with($path, '.at') && str_contains($path, 'appliances') => self::any([null, ...$this->ids['points']]),
            str_ends_with($path, '.x')
                || str_ends_with($path, '.reading') => (object) ['note' => 'ours', 'deep' => (object) ['list' => [1, 2.5, (object) []]]],
            $type === 'object'
                && isset($schema['additionalProperties'])
                && is_array($schema['additionalProperties']) => (object) ['k' => $this->value($schema['additionalProperties'], $path)],
            $type === 'object' => (object) (substr_count($path, '.of') > 1 ? ['kind' => 'leak'] : $this->object($schema, $path)),
            $type === 'array' => $this->list($schema, $path),
            $type === 'boolean' => mt_rand(0, 1) === 1,
            $type === 'null' => null,
            $type === 'integer' => mt_rand(0, 9),
            $type === 'number' => str_ends_with($path, '.chance') ? 0.25 : self::any([1, 14.5, 0.125, 7.3, 120]),
            isset($schema['pattern']) => str_contains((string) $schema['pattern'], 'T') ? '2026-03-02T09:42:00Z' : '2026-03-02',
            default => self::any(['plain', 'ünï "quoted" \\ / 🔌', '0', 'null']),
        };
    }

    /** @return list<mixed> */
    private function list(array $schema, string $path): array
    {
        $top = substr($path, strlen('house.'));
        if (isset($this->ids[$top])) {
            return array_map(function (string $id) use ($schema, $path): array {
                $item = (array) $this->value($schema['items'], $path);
                $item['id'] = $id;
                if (($item['fixtures'] ?? []) !== []) {
                    unset($item['fixtures']);
                }

                return $item;
            }, $this->ids[$top]);
        }
        $count = $schema['minItems'] ?? mt_rand(0, 2);
        $list = [];
        for ($i = 0; $i < $count; ++$i) {
            $list[] = $this->value($schema['items'], $path);
        }

        return $list;
    }

    private function id(string $path): string
    {
        $key = substr((string) strrchr($path, '.'), 1);

        return self::any($this->ids[match (true) {
            $key === 'area' => 'areas',
            $key === 'panel' => 'panels',
            $key === 'fixture' => 'fixtures',
            $key === 'cable' => 'cables',
            in_array($key, ['circuit', 'circuits', 'multiwire_with', 'fed_from'], true) => 'circuits',
            default => 'points',
        }]);
    }

    private static function any(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Network;

/**
 * A house as a netlist for a circuit solver we did not write, straight from the words of the house file and of the electrical model:
 * nothing of the core is used. Joined terminals are one node; every conductor, contact and pole carries an ammeter.
 */
final class Spice
{
    private const OHMS = [14 => 3.07, 12 => 1.93, 10 => 1.21, 8 => 0.778, 6 => 0.491];

    /** @var array<string, string> */
    private array $same = [];

    /** @var list<array{string, string, string, float}> */
    private array $parts = [];

    /** @var list<string> */
    private array $stray = [];

    /** @var array<string, string> ammeter by what it measures */
    private array $meters = [];

    private array $points;

    /** @var list<array{string, string}> ends of cables without length */
    private array $lengthless = [];

    public function __construct(private readonly array $house, private readonly ?string $testerAt = null)
    {
        $this->points = array_column($house['points'], null, 'id');
        $this->panels();
        array_walk($house['points'], $this->point(...));
        array_walk($house['cables'], $this->cable(...));
        array_walk($house['points'], $this->face(...));
        array_walk($house['appliances'], $this->appliance(...));
        array_walk($house['faults'], $this->resistorFault(...));
        if ($testerAt !== null) {
            foreach ([['h', 'n'], ['h', 'g'], ['n', 'g']] as [$one, $other]) {
                $this->part('R', "face $testerAt $one", "face $testerAt $other", 100e3);
            }
        }
        // Two ends of a cable without length are one node, ammeter or not: one stray path for both.
        $counted = $group = [];
        foreach ($this->lengthless as [$one, $other]) {
            $group[$this->node($one)][] = $this->node($other);
            $group[$this->node($other)][] = $this->node($one);
        }
        foreach ($this->stray as $name) {
            $node = $this->node($name);
            if ($node !== 'ref' && ! isset($counted[$node])) {
                $this->parts[] = ['R', $node, 'ref', 100e6];
                for ($reached = [$node]; ($at = array_pop($reached)) !== null;) {
                    $counted[$at] = true;
                    array_push($reached, ...array_filter($group[$at] ?? [], fn(string $next): bool => ! isset($counted[$next])));
                }
            }
        }
    }

    /**
     * Solves several houses in one run. @param list<self> $houses @return list<array<string, array{float, float}>> phasors of nodes and
     * ammeters, by their names in the house
     */
    public static function solve(array $houses): array
    {
        $lines = ['* houses'];
        foreach ($houses as $number => $house) {
            foreach ($house->parts as $at => [$kind, $one, $other, $value]) {
                $node = fn(string $name): string => $name === 'ref' ? '0' : "h{$number}x$name";
                $a = $node($house->node($one));
                $b = $node($house->node($other));
                if ($a !== $b || $kind === 'A') {
                    $lines[] = match ($kind) {
                        'A' => "vh{$number}m$at $a $b 0",
                        'V' => "vh{$number}v$at $a $b AC " . sprintf('%.12g', $value),
                        default => "{$kind}h{$number}e$at $a $b " . sprintf('%.12g', $value),
                    };
                }
            }
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'grid');
        file_put_contents(
            $file,
            implode("\n", [...$lines, '.control', 'set numdgt=15', 'set width=200', 'ac lin 1 60 60', 'print all', '.endc', '.end', '']),
        );
        exec('ngspice -b ' . escapeshellarg($file) . ' 2>/dev/null', $printed);
        unlink($file);
        $read = [];
        foreach ($printed as $line) {
            if (preg_match('/^(\S+) = (\S+),(\S+)$/', $line, $m) === 1) {
                $read[$m[1]] = [(float) $m[2], (float) $m[3]];
            }
        }
        if ($read === []) {
            throw new \RuntimeException(implode("\n", $printed));
        }

        return array_map(fn(self $house, int $number): array => $house->named($read, $number), $houses, array_keys($houses));
    }

    private function named(array $read, int $number): array
    {
        $all = [];
        foreach (array_keys($this->same) as $name) {
            $node = $this->node($name);
            $all[$name] = $node === 'ref' ? [0.0, 0.0] : ($read["h{$number}x$node"] ?? null);
        }
        foreach ($this->meters as $name => $meter) {
            $all["A $name"] = $read["vh{$number}m$meter#branch"] ?? null;
        }

        return $all;
    }

    private function panels(): void
    {
        $volts = $this->house['supply_volts'];
        $this->part('V', 'main a', 'ref', $volts);
        $this->part('V', 'main b', 'ref', -$volts);
        $this->join('main n', 'ref');
        $this->join('main g', 'ref');
        foreach ($this->house['circuits'] as $circuit) {
            $own = $circuit['leg'];
            foreach (($circuit['volts'] ?? 120) === 240 ? [$own, $own === 'a' ? 'b' : 'a'] : [$own] as $pole => $leg) {
                $this->ammeter("pole {$circuit['id']} $pole", "{$circuit['panel']} $leg", "breaker {$circuit['id']} $pole");
                $this->part(
                    'R',
                    "breaker {$circuit['id']} $pole",
                    $pole === 0 ? "start {$circuit['id']}" : "second {$circuit['id']}",
                    0.002,
                );
            }
        }
        foreach ($this->house['panels'] as $panel) {
            if (isset($panel['fed_from'])) {
                $feeder = array_column($this->house['circuits'], null, 'id')[$panel['fed_from']];
                $own = $feeder['leg'];
                foreach ([
                    $own => 'start feed',
                    ($own === 'a' ? 'b' : 'a') => 'second feed',
                    'n' => 'main n',
                    'g' => 'main g',
                ] as $bus => $from) {
                    $awg = $bus === 'g' ? max(10, $panel['feeder']['awg']) : $panel['feeder']['awg'];
                    $this->ammeter("feeder $bus", $from, "feeder $bus");
                    $this->part('R', "feeder $bus", "sub $bus", self::OHMS[$awg] * $panel['feeder']['length_ft'] / 1000);
                }
            }
        }
    }

    private function point(array $point): void
    {
        $id = $point['id'];
        foreach (['hl', 'hd', 'nl', 'nd', 'g'] as $node) {
            $this->stray[] = "$id $node";
        }
        foreach ([['hl', 'hd'], ['nl', 'nd']] as $pole => [$line, $load]) {
            if ($point['device'] === 'standard') {
                $this->join("$id $line", "$id $load");
            } elseif (! $this->refuses($point)) {
                $this->ammeter("contact $id $pole", "$id $line", "contact $id $pole");
                $this->part('R', "contact $id $pole", "$id $load", 0.002);
            }
        }
    }

    private function cable(array $cable): void
    {
        $id = $cable['id'];
        $to = $cable['to']['point'];
        $circuits = $cable['from']['circuits'] ?? null;
        if ($circuits === null && ($cable['conductors'] ?? 2) === 3) {
            $circuits = ['c1', 'c2'];
        }
        $single = $cable['from']['circuit'] ?? null;
        $hots = $circuits ?? [$single];
        $landTo = $this->landing($cable, 'to');
        $landFrom = $this->landing($cable, 'from');
        $ends = [];
        foreach ($hots as $n => $circuit) {
            $ends['hot' . ($n === 0 ? '' : 2)] = [
                isset($cable['from']['point'])
                    ? $this->hotIn($cable['from']['point'], $circuit, $landFrom['hot'], "$id from $n")
                    : "start $circuit",
                $this->hotIn($to, $circuit, $landTo['hot'], "$id to $n"),
            ];
        }
        $home = $circuits[0] ?? $single;
        $panel = $home === null ? null : array_column($this->house['circuits'], null, 'id')[$home];
        $ends['neutral'] = [
            isset($cable['from']['point'])
                ? $this->landed($cable['from']['point'], 'n', $landFrom['neutral'], "$id from n")
                : (($panel['volts'] ?? 120) === 240 ? "second $home" : "{$panel['panel']} n"),
            $this->landed($to, 'n', $landTo['neutral'], "$id to n"),
        ];
        $byMetal = ! $cable['ground'] && in_array($cable['method'] ?? '', ['emt', 'rmc', 'ac', 'mc'], true);
        $hasGround = $cable['ground'] || $byMetal;
        if ($hasGround) {
            $ends['ground'] = [isset($cable['from']['point']) ? "{$cable['from']['point']} g" : "{$panel['panel']} g", "$to g"];
        }
        if ($this->has('swap', 'cable', $id)) {
            [$ends['hot'][1], $ends['neutral'][1]] = [$ends['neutral'][1], $ends['hot'][1]];
        }
        if ($this->has('swap_hot_ground', 'cable', $id) && $hasGround) {
            [$ends['hot'][1], $ends['ground'][1]] = [$ends['ground'][1], $ends['hot'][1]];
        }
        foreach ($ends as $name => [$near, $far]) {
            $this->conductor($cable, $name, $near, $far);
        }
        $half = 22e-12 * ($cable['length_ft'] ?? 0) / 2;
        foreach ($hasGround && $half > 0 ? array_keys($hots) : [] as $n) {
            $hot = 'hot' . ($n === 0 ? '' : 2);
            $this->part('C', "$id $hot near", "$id ground near", $half);
            $this->part('C', "$id $hot far", "$id ground far", $half);
        }
    }

    private function conductor(array $cable, string $name, string $near, string $far): void
    {
        $id = $cable['id'];
        $kind = rtrim($name, '2');
        $series = 0.0;
        $isOpen = false;
        foreach ($this->house['faults'] as $fault) {
            if (($fault['at']['cable'] ?? null) === $id && ($fault['conductor'] ?? null) === $kind) {
                $isOpen = $isOpen || $fault['kind'] === 'open';
                $series += $fault['kind'] === 'high_resistance' ? $fault['ohms'] : 0.0;
            }
        }
        if (! $isOpen) {
            $series > 0.0 ? $this->part('R', $near, "$id $name near", $series) : $this->join($near, "$id $name near");
        }
        $this->join($far, "$id $name far");
        $awg = $kind === 'ground' && $cable['ground'] ? max(10, $cable['awg']) : $cable['awg'];
        $ohms = self::OHMS[$awg] * ($cable['length_ft'] ?? 0) / 1000;
        if ($ohms > 0.0) {
            $this->ammeter("$id $name", "$id $name near", "$id $name amps");
            $this->part('R', "$id $name amps", "$id $name far", $ohms);
        } else {
            $this->ammeter("$id $name", "$id $name near", "$id $name far");
            $this->lengthless[] = ["$id $name near", "$id $name far"];
        }
    }

    private function landing(array $cable, string $end): array
    {
        $land = $cable[$end]['land'] ?? 'line';
        $land = is_array($land) ? $land : ['hot' => $land, 'neutral' => $land];
        foreach ($this->house['faults'] as $fault) {
            if ($fault['kind'] === 'land' && $fault['at']['cable'] === $cable['id'] && $fault['at']['end'] === $end) {
                $land = ['hot' => $fault['hot'], 'neutral' => $fault['neutral']];
            }
        }
        if ($this->has('reversed_line_load', 'point', $cable[$end]['point'] ?? '')) {
            $land = array_map(
                fn(string $one): string => ['line' => 'load', 'splice' => 'load', 'load' => 'line', 'cap' => 'cap'][$one],
                $land,
            );
        }

        return $land;
    }

    private function hotIn(string $point, ?string $circuit, string $land, string $free): string
    {
        $own = $this->points[$point]['circuit'] ?? null;

        return $land !== 'cap' && $own !== null && $circuit !== null && $own !== $circuit
            ? "$point passing $circuit"
            : $this->landed($point, 'h', $land, $free);
    }

    private function landed(string $point, string $pole, string $land, string $free): string
    {
        if ($land === 'cap') {
            $this->stray[] = "free $free";

            return "free $free";
        }

        return "$point $pole" . ($land === 'load' ? 'd' : 'l');
    }

    private function face(array $point): void
    {
        $id = $point['id'];
        $lender = null;
        foreach ($this->house['faults'] as $fault) {
            $lender = $fault['kind'] === 'borrowed_neutral' && $fault['at']['point'] === $id ? $fault['lender']['point'] : $lender;
        }
        // A new device that is fed on LOAD keeps its face dark, by contacts of its own.
        $side = $this->refuses($point) ? 'l' : 'd';
        $this->join("face $id h", "$id h$side");
        $this->join("face $id n", $lender === null ? "$id n$side" : "$lender nl");
        if ($this->has('bootleg', 'point', $id)) {
            $this->join("face $id g", "face $id n");
        } elseif ($this->has('open', 'point', $id)) {
            $this->stray[] = "face $id g";
        } else {
            $this->join("face $id g", "$id g");
        }
    }

    private function appliance(array $appliance): void
    {
        $at = $appliance['at'];
        if ($at === null) {
            return;
        }
        if ($appliance['on'] && $appliance['watts'] > 0) {
            $this->part('R', "face $at h", "face $at n", $appliance['volts'] ** 2 / $appliance['watts']);
        }
        if ($appliance['leakage']['resistive_ma'] > 0) {
            $this->part('R', "face $at h", "face $at g", 120 / ($appliance['leakage']['resistive_ma'] / 1000));
        }
        if ($appliance['leakage']['capacitive_ma'] > 0) {
            $this->part('C', "face $at h", "face $at g", $appliance['leakage']['capacitive_ma'] / 1000 / 120 / (2 * M_PI * 60));
        }
    }

    private function resistorFault(array $fault): void
    {
        $ends = ['leak' => ['h', 'g'], 'neutral_ground' => ['n', 'g'], 'short' => ['h', 'n']][$fault['kind']] ?? null;
        if ($ends === null) {
            return;
        }
        $at = $fault['at'];
        $appliance = isset($at['appliance']) || isset($at['cord'])
            ? array_column($this->house['appliances'], null, 'id')[$at['appliance'] ?? $at['cord']]
            : null;
        if ($appliance !== null && ($appliance['at'] === null || (isset($at['cord']) && ! $appliance['extension']))) {
            return;
        }
        $name = function (string $which) use ($at, $appliance): string {
            if ($appliance !== null) {
                return "face {$appliance['at']} $which";
            }
            if (isset($at['point'])) {
                return "{$at['point']} " . ['h' => 'hd', 'n' => 'nd', 'g' => 'g'][$which];
            }
            $cable = array_column($this->house['cables'], null, 'id')[$at['cable']];

            return $which === 'g' && ! $cable['ground']
                ? "{$cable['to']['point']} g"
                : "{$at['cable']} " . ['h' => 'hot', 'n' => 'neutral', 'g' => 'ground'][$which] . ' far';
        };
        $this->part('R', $name($ends[0]), $name($ends[1]), $fault['ohms']);
    }

    /** Whether it is a device made from mid-2015 on that is fed on LOAD: its contacts stay open. */
    private function refuses(array $point): bool
    {
        $isNew = ($point['self_test'] ?? false) || ($point['made_between'][0] ?? '2000') >= '2015-07';
        $feed = array_values(array_filter(
            $this->house['cables'],
            fn(array $cable): bool => $cable['to']['point'] === $point['id'] && ($cable['from']['land'] ?? 'line') !== 'cap',
        ));
        $drawn = in_array($feed[0]['to']['land'] ?? 'line', ['load', ['hot' => 'load', 'neutral' => 'load']], true);

        return $point['device'] !== 'standard' && $isNew && $drawn !== $this->has('reversed_line_load', 'point', $point['id']);
    }

    private function has(string $kind, string $place, string $id): bool
    {
        foreach ($this->house['faults'] as $fault) {
            if ($fault['kind'] === $kind && ($fault['at'][$place] ?? null) === $id) {
                return true;
            }
        }

        return false;
    }

    private function ammeter(string $what, string $one, string $other): void
    {
        $this->meters[$what] = (string) count($this->parts);
        $this->part('A', $one, $other, 0.0);
    }

    private function part(string $kind, string $one, string $other, float $value): void
    {
        $this->same[$one] ??= $one;
        $this->same[$other] ??= $other;
        $this->parts[] = [$kind, $one, $other, $value];
    }

    private function join(string $one, string $other): void
    {
        $a = $this->rootOf($one);
        $b = $this->rootOf($other);
        if ($a === 'ref') {
            $this->same[$b] = $a;
        } else {
            $this->same[$a] = $b;
        }
    }

    private function rootOf(string $name): string
    {
        $this->same[$name] ??= $name;
        while ($this->same[$name] !== $name) {
            $name = $this->same[$name];
        }

        return $name;
    }

    private function node(string $name): string
    {
        return strtolower(str_replace(' ', '_', $this->rootOf($name)));
    }
}

<?php

declare(strict_types=1);

use Tests\PageTypes;

function typescript(): string
{
    static $written = null;

    return $written ??= (new PageTypes())->typescript();
}

it('writes shapes as interfaces, with what is said of a field above it', function (): void {
    $place = "export interface WirePlace {\n  land: Land;\n  end: BackEnd | null;\n  text: string;\n}";
    expect(typescript())->toContain($place)
        ->toContain("  /** Its id in the house file, by which it is closed. */\n  id: string;")
        ->toContain('  limitsFt: Record<string, number>;')
        ->toContain('  halves: (Half | null)[];')
        ->toContain('  action?: { days?: number };');
});

it('writes each enum once, with every value it has', function (): void {
    expect(typescript())->toContain('export type Half = "top" | "bottom";')
        ->and(substr_count(typescript(), 'export type Land ='))->toBe(1)
        ->and(typescript())->toContain("export type Serves =\n  | ");
});

it('names a type once, and none that it does not write', function (): void {
    preg_match_all('/^export (?:interface|type) (\w+)/m', typescript(), $written);
    preg_match_all('/^  \w+\??: (.*);$/m', typescript(), $fields);
    preg_match_all('/\b[A-Z]\w+/', implode(' ', $fields[1]), $used);
    expect(array_unique($written[1]))->toHaveCount(count($written[1]))
        ->and(array_values(array_diff(array_unique($used[0]), $written[1], ['Record', 'Distance'])))->toBe([]);
});

it('lets a run hold runs', function (): void {
    expect(typescript())->toContain('  children: RunNode[];');
});

<?php

declare(strict_types=1);

use Bouclier\Core\Practice\Drills\Drill;
use Bouclier\Core\Practice\Drills\DrillItem;
use Bouclier\Core\Practice\Drills\FindLine;
use Bouclier\Core\Practice\Drills\LampPattern;
use Bouclier\Core\Practice\Drills\OldToNew;
use Bouclier\Core\Practice\Drills\WhereAsked;

it('draws the same box for the same seed, answers among the options, and other boxes beside it', function (string $drill): void {
    $boxes = array_map(fn(int $number) => $drill::box(4, $number), range(1, 40));
    foreach ($boxes as $box) {
        $ids = array_map(fn(DrillItem $item): string => $item->id, $box->items);
        expect($ids)->not->toBe([])->and(array_unique($ids))->toHaveCount(count($ids));
        foreach ($box->items as $item) {
            expect($box->options)->toContain($item->answer)->and($item->why)->not->toBe('');
        }
        $right = array_combine($ids, array_map(fn(DrillItem $item): string => $item->answer, $box->items));
        expect($box->isRight($right))->toBeTrue()->and($box->isRight([]))->toBeFalse();
    }
    expect(serialize($drill::box(4, 1)))->toBe(serialize($boxes[0]))
        ->and(count(array_unique(array_map(serialize(...), $boxes))))->toBeGreaterThan(12);
})->with(Drill::ALL);

it('has one feed in a box, and only that is live with all pairs apart', function (): void {
    foreach (range(1, 60) as $number) {
        $live = [];
        foreach (FindLine::box(9, $number)->items as $item) {
            $isLive = (float) $item->reads['Meter, hot to neutral'] > 100.0;
            expect((float) $item->reads['Meter, hot to ground'] > 100.0)->toBe($isLive)
                ->and($item->reads['Non-contact at the hot'] === 'it glows')->toBe($isLive)
                ->and($item->answer === 'LINE')->toBe($isLive);
            $live[] = $isLive;
        }
        expect(count(array_filter($live)))->toBe(1);
    }
});

it('lets no id of a pair say what it is', function (): void {
    foreach (range(1, 30) as $number) {
        foreach ([...FindLine::box(3, $number)->items, ...OldToNew::box(3, $number)->items] as $item) {
            expect($item->id)->toMatch('/^[pw][1-4]$/');
        }
    }
});

it('lands black on brass and white on silver, each wire on a screw of its own, LINE where the new back has it', function (): void {
    foreach (range(1, 60) as $number) {
        $box = OldToNew::box(2, $number);
        preg_match('/New back: LINE at the (top|bottom)/', $box->prompt, $new);
        $screws = [];
        foreach ($box->items as $item) {
            $isFeed = str_contains($item->label, 'live with');
            $end = $isFeed === ($new[1] === 'top') ? 'Top' : 'Bottom';
            expect($item->answer)->toBe("$end, " . (str_starts_with($item->label, 'Black') ? 'brass' : 'silver'));
            $screws[] = $item->answer;
        }
        expect(array_unique($screws))->toHaveCount(4);
    }
});

it('reads lamps as the card on every tester does', function (): void {
    // Left to right on most: hot to neutral, hot to ground, neutral to ground.
    $card = [
        '1 1 0' => 'wired correctly', '1 0 0' => 'open ground', '0 1 0' => 'open neutral', '0 0 0' => 'open hot',
        '1 0 1' => 'hot and neutral reversed', '0 1 1' => 'hot and ground reversed',
    ];
    $seen = [];
    foreach (range(1, 80) as $number) {
        foreach (LampPattern::box(1, $number)->items as $item) {
            $pattern = implode(' ', array_map(intval(...), $item->lamps));
            $seen[$pattern] = true;
            expect(isset($card[$pattern]) ? str_contains($item->answer, explode(' ', $card[$pattern])[0]) : true)->toBeTrue();
            if ($pattern === '1 1 0') {
                expect($item->answer)->toContain('wired correctly')->toContain('ground tied to the neutral');
            }
        }
    }
    expect(array_diff(array_keys($card), array_keys($seen)))->toBe([]);
});

it('asks where the code asks, with the clause', function (): void {
    $answers = [];
    foreach (range(1, 400) as $number) {
        $box = WhereAsked::box(1, $number);
        foreach ($box->items as $item) {
            preg_match('/^(.*), new work, (.*)\. Circuit/', $box->prompt, $said);
            $answers[$said[1]][$item->label][$said[2]][$item->answer] = $item->why;
        }
    }
    foreach ($answers['Garage']['General use'] as $edition => $answer) {
        // The CEC asks by the distance to a sink, and there is none in this garage.
        expect(str_starts_with(array_keys($answer)[0], 'GFCI'))->toBe(! str_starts_with($edition, 'CEC'));
    }
    foreach ($answers['Bedroom']['General use'] as $answer) {
        expect(array_keys($answer))->toBe(['AFCI'])->and(array_values($answer)[0])->toMatch('/210\.12|26-6/');
    }
});

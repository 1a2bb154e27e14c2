<?php

declare(strict_types=1);

use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Network\OutletWiring;
use Bouclier\Core\Network\PlugInTester;
use Bouclier\Core\Network\SweepReading;

it('shows the patterns every tester has printed on it', function (OutletWiring $wiring, bool $hn, bool $hg, bool $ng): void {
    expect($wiring->lamps())->toEqual(new Lamps($hn, $hg, $ng));
})->with([
    'correct' => [OutletWiring::Correct, true, true, false],
    'open ground' => [OutletWiring::OpenGround, true, false, false],
    'open neutral' => [OutletWiring::OpenNeutral, false, true, false],
    'open neutral under load' => [OutletWiring::OpenNeutralUnderLoad, false, true, true],
    'open hot' => [OutletWiring::OpenHot, false, false, false],
    'hot and neutral reversed' => [OutletWiring::HotNeutralReversed, true, false, true],
    'hot and ground reversed' => [OutletWiring::HotGroundReversed, false, true, true],
    'neutral and ground reversed reads correct' => [OutletWiring::NeutralGroundReversed, true, true, false],
    'bootleg reads correct' => [OutletWiring::BootlegGround, true, true, false],
    'bootleg on reversed wires reads correct' => [OutletWiring::BootlegGroundReversed, true, true, false],
]);

it('holds a floating slot where the lamps put it, by hand', function (): void {
    // Open ground: the hole hangs between 120 V and 0 V on two equal lamps, 60 V: neither lights.
    expect(PlugInTester::lamps([120.0, 0.0, null]))->toEqual(new Lamps(true, false, false))
        // At 170 V the same hole stands at 85 V, enough for both.
        ->and(PlugInTester::lamps([170.0, 0.0, null]))->toEqual(new Lamps(true, true, true))
        ->and(PlugInTester::lamps([null, null, null]))->toEqual(new Lamps(false, false, false));
});

it('says what a pattern means, and what it cannot show', function (): void {
    $correct = SweepReading::of(new Lamps(true, true, false));
    expect($correct->isCorrect)->toBeTrue()->and($correct->means)->toBe('Reads correct.')
        ->and($correct->cannotShow)->toContain('ground tied to the neutral')->toContain('the frame is live')->toContain('high resistance');
    $open = SweepReading::of(new Lamps(true, false, false));
    expect($open->isCorrect)->toBeFalse()
        ->and($open->means)->toBe('Open ground.')
        ->and($open->cannotShow)->toContain('hot and neutral reversed');
    $two = SweepReading::of(new Lamps(false, true, true));
    expect($two->means)->toContain('Open neutral, with something plugged in')->and($two->cannotShow)->toContain('hot and ground reversed');
    expect(SweepReading::of(new Lamps(true, true, true))->means)->toContain('No single fault');
});

it('says something of every pattern', function (): void {
    for ($bits = 0; $bits < 8; ++$bits) {
        expect(SweepReading::of(new Lamps(($bits & 1) > 0, ($bits & 2) > 0, ($bits & 4) > 0))->means)->toEndWith('.');
    }
});

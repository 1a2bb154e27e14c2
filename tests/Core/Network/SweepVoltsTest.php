<?php

declare(strict_types=1);

use Bouclier\Core\Network\SweepVolts;

it('says what volts mean beside the supply of the house', function (float $volts, float $supply, ?string $begins): void {
    $said = SweepVolts::say($volts, $supply);
    $begins === null ? expect($said)->toBeNull() : expect($said)->toStartWith($begins);
})->with([
    'as the supply' => [121.0, 121.4, null],
    'exactly 3 % down' => [116.4, 120.0, null],
    'more' => [115.0, 120.0, '4.2 % below the supply'],
    'the same volts at a lower supply are fine' => [115.0, 116.0, null],
    'hardly any contact' => [60.0, 120.0, 'Far below the supply'],
    'induced or nothing' => [4.9, 120.0, 'No voltage'],
    'five volts are not dead' => [5.0, 120.0, 'Far below'],
    'a floating neutral' => [131.0, 120.0, '9.2 % above the supply'],
]);

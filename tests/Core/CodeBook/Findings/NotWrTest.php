<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds not_wr, and only where it is', function (array $house, bool $found, Edition $edition = Edition::Nec2023, string $at = 'p'): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('not_wr', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'not weather-resistant' => [Houses::lone(['exposure' => 'damp', 'wr' => false]), true],
        'weather-resistant' => [Houses::lone(['exposure' => 'damp', 'wr' => true]), false],
        'dry need not be' => [Houses::lone(['wr' => false]), false],
    ];
});

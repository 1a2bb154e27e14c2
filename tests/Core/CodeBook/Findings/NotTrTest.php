<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds not_tr, and only where it is', function (array $house, bool $found, Edition $edition = Edition::Nec2023, string $at = 'p'): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('not_tr', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'not tamper-resistant' => [Houses::lone(['tr' => false]), true],
        'tamper-resistant' => [Houses::lone(['tr' => true]), false],
    ];
});

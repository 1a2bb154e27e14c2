<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds alarm_on_protection, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('alarm_on_protection', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'fire alarm on a GFCI breaker' => [Houses::lone(['serves' => 'fire_alarm'], [], ['breaker' => 'gfci']), true],
        'fire alarm on an AFCI breaker' => [Houses::lone(['serves' => 'fire_alarm'], [], ['breaker' => 'afci']), true],
        'fire alarm kept off' => [Houses::lone(['serves' => 'fire_alarm']), false],
        'smoke alarm on AFCI' => [Houses::lone(['serves' => 'smoke_alarm'], [], ['breaker' => 'afci']), false],
    ];
});

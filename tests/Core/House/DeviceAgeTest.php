<?php

declare(strict_types=1);

use Bouclier\Core\House\DeviceAge;
use Tests\Core\Build;

it('bounds the age of a device by its dates and by what it can do', function (array $point, ?string $years, string $rests = ''): void {
    $age = DeviceAge::of(Build::house(['points' => [Build::point('p', $point + ['device' => 'gfci'])]])->points[0]);
    expect($age?->yearsOn('2026-03-02'))->toBe($years)->and($age->rests ?? '')->toBe($rests);
})->with([
    'nothing known' => [[], null],
    'a plain receptacle' => [['device' => 'standard', 'installed_on' => '2016'], null],
    'installed on a day' => [['installed_on' => '2016-03-03'], '9 years or more', 'installed 2016-03-03'],
    'installed in a year' => [['installed_on' => '2008'], '17 years or more', 'installed 2008'],
    'date code' => [['made_between' => ['2004', '2005']], '20 to 21 years', 'its date code'],
    'date code and installed' => [
        ['made_between' => ['2019-02', '2019-02'], 'installed_on' => '2020'],
        '7 years',
        'its date code, installed 2020',
    ],
    'no self-test' => [['self_test' => false], '10 years or more', 'it does not test itself'],
    'no self-test, installed later' => [
        ['self_test' => false, 'installed_on' => '2020'],
        '10 years or more',
        'installed 2020, it does not test itself',
    ],
    'self-test' => [['self_test' => true], '0 to 10 years', 'it tests itself'],
    'self-test and installed' => [
        ['self_test' => true, 'installed_on' => '2021-06-01'],
        '4 to 10 years',
        'installed 2021-06-01, it tests itself',
    ],
    'an AFCI says nothing by it' => [['device' => 'afci', 'self_test' => false], null],
]);

<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\WhatIf;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Tests\Core\RandomHouse;

/** Clauses that may be named where one kind of protection is spoken of. */
const SPEAKS_OF = [
    'gfci' => '/^(210\\.8|210\\.63|406\\.4|422\\.5|424\\.4|426\\.28|427\\.22|555\\.9|625\\.54|680\\.|760\\.|26-704)/',
    'afci' => '/^(210\\.12|406\\.4|760\\.|26-658)/',
    'tr' => '/^(406\\.|26-706)/',
    'wr' => '/^406\\./',
];

/** @return list<array{string, string}> what kind of protection, and a sentence that explains its verdict */
function explanations(Assess $assess, PointAssessment $judged): array
{
    $said = [];
    foreach (Protection::cases() as $protection) {
        foreach ($judged->demandsFor($protection) as $demand) {
            $said[] = [$protection->value, $demand->reason];
            $said[] = [$protection->value, $demand->fact];
        }
        if ($judged->demandsFor($protection) === []) {
            $said[] = [$protection->value, $assess->whyNotAsked($judged, $protection)];
        }
    }
    foreach ($judged->exemptions as $exemption) {
        $said[] = [$exemption->from->value, $exemption->why];
    }

    return $said;
}

/** What cannot be true of an outlet, as a pattern its what-ifs must not match. */
function impossible(House $house, FeedMap $feeds, Point $point): string
{
    $area = $house->areaOf($point);
    $never = ['listed room'];
    if (! $point->isReceptacle()) {
        array_push($never, 'countertop', 'cord path', 'receptacle', 'within reach', 'reach of a child', 'two slots', 'plain one');
    }
    if ($point->volts() > 125.0 || $point->amps() > 20.0) {
        array_push($never, 'GFCI receptacle', 'outlet-type AFCI here', 'countertop');
    }
    if (! in_array($area->kind, [AreaKind::Kitchen, AreaKind::Bathroom], true)) {
        $never[] = 'served the countertop';
    }
    if (in_array($area->kind, [AreaKind::Outdoors, AreaKind::Attic], true)) {
        $never[] = 'below grade';
    }
    if (! in_array($area->kind, [AreaKind::Basement, AreaKind::AccessoryBuilding], true)) {
        $never[] = 'finished';
    }
    if ($point->kind->value !== 'hardwired') {
        $never[] = 'permit';
    }
    if ($feeds->feed($point)->circuit?->multiwireWith !== null) {
        $never[] = '^An? \\w+ breaker at';
    }

    return '/' . implode('|', $never) . '/';
}

it('explains in whole sentences, by clauses that ask for what is said, and supposes nothing impossible', function (int $part): void {
    $reader = new HouseReader();
    $sentences = $whatIfs = 0;
    for ($seed = 1 + $part; $seed <= 500; $seed += 4) {
        $data = RandomHouse::data($seed, 6);
        foreach (['areas' => 'code', 'points' => 'code', 'circuits' => 'slot', 'panels' => 'name'] as $list => $field) {
            foreach ($data[$list] as $n => &$part) {
                $part = [$field => 'R' . $n] + (isset($part['label']) ? ['label' => "Run $n"] : []) + $part;
            }
            unset($part);
        }
        $house = $reader->fromJson(json_encode($data, JSON_THROW_ON_ERROR));
        $edition = Edition::cases()[intdiv($seed, 4) % count(Edition::cases())];
        $house = $house->with(code: $house->code->with(edition: $edition));
        $feeds = new FeedMap($house);
        $assess = new Assess($house, feeds: $feeds);
        $judged = $assess->house();
        foreach ($judged->points as $point) {
            foreach (explanations($assess, $point) as [$protection, $sentence]) {
                ++$sentences;
                expect($sentence)->toMatch('/^[A-Z0-9].*[.!]$/su')->not->toContain('listed room')->not->toContain('..');
                preg_match_all('/\b(\d{3}\.\d+|26-\d{3})/', $sentence, $named);
                foreach ($named[1] as $clause) {
                    expect($clause)->toMatch(SPEAKS_OF[$protection], "$seed: $sentence");
                }
            }
            foreach ($point->granted as $granted) {
                expect($granted->text)->toMatch('/^[A-Z0-9].*\.$/su');
            }
            foreach ([Protection::Gfci, Protection::Afci, Protection::Tr] as $protection) {
                foreach ((new WhatIf($house, $feeds, $protection))->for($point->point) as $alternative) {
                    ++$whatIfs;
                    expect($alternative->text)->toMatch('/^[A-Z].*\.$/su')
                        ->not->toMatch(impossible($house, $feeds, $point->point), "seed $seed, {$point->point->id}");
                }
            }
        }
        $findings = array_merge($judged->findings, ...array_map(fn(PointAssessment $one): array => $one->findings, $judged->points));
        foreach ($findings as $finding) {
            expect($finding->why)->toMatch('/^[A-Z0-9].*[.!]$/su')->not->toContain('listed room');
        }
    }
    expect($sentences)->toBeGreaterThan(3000)->and($whatIfs)->toBeGreaterThan(500);
})->with([0, 1, 2, 3]);

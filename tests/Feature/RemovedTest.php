<?php

declare(strict_types=1);

use App\Models\House;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** The demo house, opened by its crew. */
function opened($test): House
{
    $owner = $test->crewMember();
    $test->actingAs($owner);

    return $test->demoHouseOf($owner);
}

/** Everything a page of the house asks for, answered. */
function everySheet($test, House $house, array $points = ['k1', 'k2']): void
{
    foreach (['', '/sheet', '/call/sheet', '/runs', '/pulse', '/survey', '/file', '/outlets.csv', '/compare', '/history'] as $page) {
        expect($test->get("/houses/{$house->id}$page")->getStatusCode())->toBe(200, $page);
    }
    foreach ($points as $point) {
        foreach (['box', 'measures', 'breakers', 'alternatives', 'reads'] as $sheet) {
            expect($test->getJson("/houses/{$house->id}/outlets/$point/$sheet")->getStatusCode())->toBe(200, "$sheet of $point");
        }
    }
}

function changed($test, House $house, string $in, string $id)
{
    return $test->change($house, $house->fresh()->revision, [['in' => $in, 'id' => $id, 'set' => null]]);
}

it('files no reading where there is nothing to read, and says which', function (array $reading, string $pointer): void {
    $house = opened($this);
    $before = $this->stored($house);
    $this->postJson("/houses/{$house->id}/readings", ['revision' => 0, 'half' => null, ...$reading])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.pointer', $pointer);
    expect($this->stored($house))->toBe($before);
})->with([
    'no such outlet' => [['point' => 'nowhere', 'volts' => 120], '/point'],
    'no such cable' => [['point' => 'k1', 'ma' => 3, 'cable' => 'nowhere'], '/cable'],
    'a cable of another box' => [['point' => 'g2', 'ma' => 3, 'cable' => 'w2'], '/cable'],
]);

it('answers for an outlet without a cable, with readings of every kind', function (): void {
    $house = opened($this);
    foreach ([
        ['volts' => 118, 'between' => 'hn'],
        ['lamps' => ['hn' => true, 'hg' => false, 'ng' => false]],
        ['lit' => true],
        ['glows' => true],
        ['volts' => 3, 'between' => 'hr'],
        ['volts' => 120, 'terminals' => 'line'],
    ] as $reading) {
        $this->postJson(
            "/houses/{$house->id}/readings",
            ['revision' => $house->fresh()->revision, 'point' => 'n3', 'half' => null, ...$reading],
        )->assertOk();
    }
    $measures = $this->getJson("/houses/{$house->id}/outlets/n3/measures")->assertOk();
    expect($measures->json('volts'))->toBeNull()
        ->and($measures->json('lamps'))->toBeNull()
        ->and($measures->json('read.0.expected'))->toBeNull()
        ->and($measures->json('read.0.means'))->toBeNull();
    everySheet($this, $house, ['n3']);
});

it('keeps the evidence of parts that are taken out, and stops counting it', function (): void {
    $house = opened($this);
    $this->postJson(
        "/houses/{$house->id}/call",
        ['kind' => 'trips', 'at' => 'k1', 'when' => 'with_load', 'running' => ['kettle', 'fridge'], 'words' => null],
    )->assertOk();
    $this->postJson(
        "/houses/{$house->id}/readings",
        ['revision' => $house->fresh()->revision, 'point' => 'k3', 'half' => null, 'ma' => 80, 'cable' => 'w3'],
    )->assertOk();
    $this->postJson("/houses/{$house->id}/call/tests", ['tests' => [
        ['action' => ['do' => 'plug', 'appliance' => 'kettle'], 'reading' => ['tripped' => ['k1']]],
        ['action' => ['do' => 'tester', 'at' => ['point' => 'k3']], 'reading' => ['hn' => true, 'hg' => true, 'ng' => false]],
        ['action' => ['do' => 'lift', 'point' => 'k2', 'pair' => 'w3', 'on' => false], 'reading' => ['dead' => ['k3'], 'tripped' => []]],
    ]])->assertOk();
    $this->postJson("/houses/{$house->id}/proofs", []);
    $this->postJson("/houses/{$house->id}/outlets/k3/box", ['state' => 'apart'])->assertOk();
    changed($this, $house, 'appliances', 'kettle')->assertOk();
    $this->postJson("/houses/{$house->id}/removals/points", ['revision' => $house->fresh()->revision, 'id' => 'k3'])->assertOk();
    $trips = $this->getJson("/houses/{$house->id}/call/sheet")->assertOk()->json('trips');
    expect(array_column($trips['state']['facts'], 'stands'))->toContain(false)
        ->and($trips['call']['runningNames'])->toContain('one that was taken out since');
    everySheet($this, $house);
    // It can be gone on with, and it can be turned back.
    $this->postJson(
        "/houses/{$house->id}/call/tests",
        ['tests' => [['action' => ['do' => 'walk'], 'reading' => ['dead' => [], 'live' => ['k1']]]]],
    )->assertOk();
    $this->postJson("/houses/{$house->id}/call/close", ['note' => 'Done'])->assertOk();
    everySheet($this, $house);
});

it('opens a house whose call is about an outlet that is gone', function (): void {
    $house = opened($this);
    $this->postJson(
        "/houses/{$house->id}/call",
        ['kind' => 'dead', 'at' => 'k2', 'when' => 'unknown', 'running' => [], 'words' => null],
    )->assertOk();
    $this->postJson("/houses/{$house->id}/removals/points", ['revision' => $house->fresh()->revision, 'id' => 'k2'])->assertOk();
    $trips = $this->getJson("/houses/{$house->id}/call/sheet")->assertOk()->json('trips');
    expect($trips['gone'])->toBeTrue()->and($trips['call'])->toBeNull();
    everySheet($this, $house, ['k1']);
    $this->postJson("/houses/{$house->id}/undo", ['revision' => $house->fresh()->revision])->assertOk();
    expect($this->getJson("/houses/{$house->id}/call/sheet")->json('trips.gone'))->toBeFalse();
});

it('ends a search whose outlet or breaker is taken out', function (string $in, string $id): void {
    $house = opened($this);
    $this->postJson("/houses/{$house->id}/hunt", ['point' => 'n3'])->assertOk()->assertJsonPath('hunt.code', 'N1-03');
    $in === 'points'
        ? $this
            ->postJson("/houses/{$house->id}/removals/points", ['revision' => $house->fresh()->revision, 'id' => $id])
            ->assertOk()
        : $this->change($house, $house->fresh()->revision, [['in' => 'circuits', 'id' => 'spare', 'set' => null]]);
    $gone = $in === 'points' ? null : 'N1-03';
    expect($this->getJson("/houses/{$house->id}/pulse")->assertOk()->json('hunt.code'))->toBe($gone);
    $this->postJson("/houses/{$house->id}/hunt/flipped", ['step' => 0])->assertOk();
    $this->deleteJson("/houses/{$house->id}/hunt")->assertOk();
})->with([['points', 'n3'], ['circuits', 'c5']]);

it('says that it is kept when what it comes to cannot be shown', function (): void {
    $house = opened($this);
    // A sheet that fails: what was stored is told apart from it.
    $this->app->bind(App\Persistence\HouseStore::class);
    Illuminate\Support\Facades\Event::listen(
        'eloquent.retrieved: ' . App\Models\Revision::class,
        fn() => throw new RuntimeException('no sheet'),
    );
    $answer = $this->postJson("/houses/{$house->id}/outlets/g2/notes", ['text' => 'Seen']);
    Illuminate\Support\Facades\Event::forget('eloquent.retrieved: ' . App\Models\Revision::class);
    $answer->assertOk()->assertJsonPath('kept', true);
    expect($this->stored($house))->toContain('"text": "Seen"');
});

it('keeps no place, no name and no hour of a photograph, and turns it upright', function (): void {
    Storage::fake('local');
    $house = opened($this);
    // Wider than high, with what a phone writes: held upright (orientation 6), a position, a maker.
    $image = imagecreatetruecolor(60, 40);
    ob_start();
    imagejpeg($image);
    $jpeg = (string) ob_get_clean();
    $tiff = "II*\0" . pack('V', 8) . pack('v', 3)
        . pack('vvVV', 0x010F, 2, 4, 0x00414243) . pack('vvVV', 0x0112, 3, 1, 6) . pack('vvVV', 0x8825, 4, 1, 50) . pack('V', 0)
        . pack('v', 1) . pack('vvVV', 0x0001, 2, 2, ord('N')) . pack('V', 0);
    $exif = "Exif\0\0$tiff";
    $file = substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2);
    expect(exif_read_data('data://image/jpeg;base64,' . base64_encode($file)))->toMatchArray(['Orientation' => 6, 'Make' => 'CBA']);
    $this->post(
        "/houses/{$house->id}/outlets/g2/photos",
        ['photo' => UploadedFile::fake()->createWithContent('box.jpg', $file)],
        ['Accept' => 'application/json'],
    )->assertOk();
    $kept = (string) Storage::get(Storage::allFiles()[0]);
    expect($kept)->not->toContain('Exif')->not->toContain('CBA')
        ->and(array_slice((array) getimagesizefromstring($kept), 0, 2))->toBe([40, 60]);
    $huge = "\x89PNG\r\n\x1a\n" . pack('N', 13) . 'IHDR' . pack('NN', 30000, 30000) . "\x08\x02\0\0\0" . pack(
        'N',
        crc32('IHDR' . pack('NN', 30000, 30000) . "\x08\x02\0\0\0"),
    );
    $this->post(
        "/houses/{$house->id}/outlets/g2/photos",
        ['photo' => UploadedFile::fake()->createWithContent('huge.png', $huge)],
        ['Accept' => 'application/json'],
    )
        ->assertUnprocessable()
        ->assertJsonPath('message', 'A photograph has 40 million pixels at most.');
});

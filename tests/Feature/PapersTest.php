<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\OutsideLink;
use App\Models\TestRecord;
use App\Papers\HousePapers;
use Illuminate\Http\UploadedFile;

/** A program of Debian that reads a PDF, with the PDF on its standard input. */
function readPdf(string $pdf, string $program): string
{
    $file = tempnam(sys_get_temp_dir(), 'paper');
    file_put_contents($file, $pdf);
    exec(str_replace('FILE', escapeshellarg($file), $program), $lines, $status);
    unlink($file);
    assert($status === 0);

    return implode("\n", $lines);
}

/** The text of a paper of the house, in the order it is read. */
function paperText($test, House $house, string $paper): string
{
    $answer = $test->get("/houses/{$house->id}/papers/$paper")->assertOk()->assertHeader('Content-Type', 'application/pdf');

    return readPdf((string) $answer->getContent(), 'pdftotext -layout FILE -');
}

function withPapers($test): House
{
    $owner = $test->crewMember();
    $house = $test->demoHouseOf($owner);
    $test->actingAs($owner);

    return $house;
}

it('has every outlet and every reading in the test record, and what failed marked', function (): void {
    $house = withPapers($this);
    $lamps = ['hn' => true, 'hg' => true, 'ng' => false];
    $read = ['point' => 'k2', 'half' => 'top', 'lamps' => $lamps, 'volts' => 118.7, 'instrument' => 'Red'];
    $this->postJson("/houses/{$house->id}/readings", $read)->assertOk();
    $this->postJson("/houses/{$house->id}/outlets/k1/tests", ['by' => 'device_button', 'tripped' => false])->assertOk();
    $this->postJson("/houses/{$house->id}/outlets/k5/tests", ['by' => 'tester_button', 'tripped' => true, 'trip_ms' => 41.5])->assertOk();
    $text = paperText($this, $house, 'record.pdf');
    $codes = array_column($this->getJson("/houses/{$house->id}/file")->json('points'), 'code');

    expect($codes)->not->toBeEmpty();
    foreach ($codes as $code) {
        expect($text)->toContain($code);
    }
    expect($text)->toContain('118.7 V', 'nothing tripped', 'FAIL', '41.5 ms', 'not signed', '210.8(A)(6)');
});

it('signs a record by a typed name, numbers it and keeps it as it was; a changed copy has another digest', function (): void {
    $house = withPapers($this);
    $this->post("/houses/{$house->id}/papers/record", ['name' => ' '])->assertSessionHasErrors('name');
    $this->post("/houses/{$house->id}/papers/record", ['name' => 'Rosa Tallow'])->assertRedirect();
    $this->postJson("/houses/{$house->id}/outlets/k1/tests", ['by' => 'device_button', 'tripped' => true])->assertOk();
    $this->post("/houses/{$house->id}/papers/record", ['name' => 'Rosa Tallow'])->assertRedirect();
    [$first, $second] = TestRecord::query()->where('house_id', $house->id)->orderBy('number')->get()->all();
    $text = paperText($this, $house, 'record/1');

    expect([$first->number, $second->number])->toBe([1, 2])->and($first->digest)->not->toBe($second->digest)
        ->and(HousePapers::digest($first->content, 'Rosa Tallow'))->toBe($first->digest)
        ->and(HousePapers::digest($first->content, 'Someone else'))->not->toBe($first->digest)
        ->and(preg_replace('/\s+/', '', $text))->toContain($first->digest)
        ->and($text)->toContain('No. 1', 'Signed by Rosa Tallow')->not->toContain('tripped')
        ->and(paperText($this, $house, 'record/2'))->toContain('No. 2', 'tripped');
    $this->get("/houses/{$house->id}/papers/record/3")->assertNotFound();
});

it('has the directory in the order of the slots, with every code, and what is not proved marked', function (): void {
    $house = withPapers($this);
    $text = paperText($this, $house, 'directory.pdf');
    foreach (array_column($this->getJson("/houses/{$house->id}/file")->json('points'), 'code') as $code) {
        expect($text)->toContain($code);
    }
    expect($text)->toContain('Main panel', 'Kitchen left', '2 poles', 'N1-03?')->not->toContain('N1-01?');
});

it('writes the customer one page without a word of the trade, with how to test and reset', function (): void {
    $house = withPapers($this);
    $this->postJson("/houses/{$house->id}/devices/replaced", ['point' => 'k1'])->assertOk();
    $this->post("/houses/{$house->id}/papers/pages")->assertRedirect();
    $pdf = (string) $this->get("/houses/{$house->id}/papers/letter.pdf")->assertOk()->getContent();
    $text = (string) preg_replace('/\s+/', ' ', readPdf($pdf, 'pdftotext FILE -'));

    expect(readPdf($pdf, 'pdfinfo FILE'))->toMatch('/Pages:\s+1\b/')
        ->and($text)->toContain('somebody could be hurt', 'Window counter', 'press RESET firmly, once', 'Do not open', 'Why is it dead')
        // Put in by somebody else in 2014: nothing we did.
        ->not->toContain('A new outlet or device: Bench')
        ->not->toMatch('/receptacle|GFCI|AFCI|LOAD|residual|downstream|\b\d{3}\.\d+\(/');
});

it('counts what was wrong before the work in hand, whatever was done years ago, and after it', function (): void {
    $house = withPapers($this);
    // The demo house has devices of 2014 and 2016 on record; what is done now mends the bare outlets of a run.
    $this->travel(5)->minutes();
    $this->postJson("/houses/{$house->id}/devices/replaced", ['point' => 'k4', 'device' => 'gfci'])->assertOk();
    $text = (string) preg_replace('/\s+/', ' ', paperText($this, $house, 'letter.pdf'));
    preg_match('/be hurt: (\d+) when we came, (\d+) now.*ask for more: (\d+) when we came, (\d+) now/', $text, $of);
    [, $hurt, $hurts, $asked, $asks] = array_map(intval(...), $of);

    expect($hurt + $asked)->toBeGreaterThan($hurts + $asks)->and($text)->toContain('Stove side counter');
});

it('puts on the label of each device the way to its own page, which ends when it is withdrawn', function (): void {
    $house = withPapers($this);
    $pdf = (string) $this->get("/houses/{$house->id}/papers/labels.pdf")->assertOk()->getContent();
    $codes = json_decode(readPdf($pdf, 'pdftoppm -r 200 FILE | node ' . escapeshellarg(__DIR__ . '/read-codes.mjs')), true);
    $links = OutsideLink::query()->where('house_id', $house->id)->get();
    $first = $links->firstWhere(fn(OutsideLink $link): bool => $link->asked->device === 'k1');

    expect($codes)->not->toBeEmpty()->and(array_diff($codes, $links->map(fn(OutsideLink $link): string => $link->url())->all()))->toBe([])
        ->and($codes)->toContain($first->url());
    // Printed again, it has the same.
    $this->get("/houses/{$house->id}/papers/tape.pdf")->assertOk();
    expect(OutsideLink::query()->where('house_id', $house->id)->count())->toBe($links->count());
    app('auth')->forgetGuards();
    $this->get($first->url())->assertOk()->assertInertia(fn($page) => $page->component('Householder')->where('kind', 'device')
        ->where('device.code', 'K1-01')->where('device.reset', fn(string $said): bool => str_contains($said, 'RESET'))->missing('owner'));
    $this->actingAs($house->crew->users()->firstOrFail());
    $this->post("/houses/{$house->id}/papers/pages/{$first->id}/withdraw")->assertRedirect();
    app('auth')->forgetGuards();
    $this->get($first->url())->assertStatus(410)->assertInertia(fn($page) => $page->where('kind', 'ended')->missing('device'));
});

it('tags every cable of every box', function (): void {
    $text = paperText($this, withPapers($this), 'tags.pdf');

    expect($text)->toContain('FEED from breaker 5', 'TO K1-02');
});

it('reports an inspection with its evidence, and a photograph before and after', function (): void {
    $house = withPapers($this);
    $table = "finding,outlet,clause,due\nNo GFCI at the sink,K1-01,210.8(A)(6),2027-01-10\nCover missing,Y1-01,406.9(B),\n";
    $this->postJson("/houses/{$house->id}/items/table", ['table' => $table, 'source' => 'Report 12'])->assertOk();
    $items = collect($this->getJson("/houses/{$house->id}/sheet")->json('items'))->where('source', 'Report 12')->values();
    expect($items->pluck('clause')->all())->toBe(['210.8(A)(6)', '406.9(B)']);
    foreach (['before' => 300, 'after' => 301] as $text => $width) {
        $picture = UploadedFile::fake()->image("$text.jpg", $width, 200);
        $photo = ['photo' => $picture, 'text' => $text];
        $this->post("/houses/{$house->id}/outlets/k1/photos", $photo, ['Accept' => 'application/json'])->assertOk();
    }
    $this->postJson("/houses/{$house->id}/items/{$items[0]['id']}/close", ['evidence' => 'GFCI put in, 41 ms'])->assertOk();
    $pdf = (string) $this->get("/houses/{$house->id}/papers/inspection.pdf")->assertOk()->getContent();
    $text = (string) preg_replace('/\s+/', ' ', readPdf($pdf, 'pdftotext FILE -'));

    expect($text)->toContain('No GFCI at the sink', 'Report 12', '210.8(A)(6)', 'GFCI put in, 41 ms', 'Cover missing', 'before', 'after')
        ->and(substr_count(readPdf($pdf, 'pdfimages -list FILE'), 'jpeg'))->toBe(2);
    $this->postJson("/houses/{$house->id}/items/table", ['table' => "finding,outlet\nX,Q9-99\n"])->assertStatus(422)
        ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'Q9-99'));
});

it('answers for no paper there is not, and shows none of another crew', function (): void {
    $house = withPapers($this);
    $this->get("/houses/{$house->id}/papers/poem.pdf")->assertNotFound();
    $this->actingAs($this->crewMember('Bo Fern'));
    foreach (['papers', 'papers/record.pdf', 'papers/record/1'] as $path) {
        $this->get("/houses/{$house->id}/$path")->assertNotFound();
    }
});

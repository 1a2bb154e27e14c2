<?php

declare(strict_types=1);

use App\Models\House;
use App\Papers\PaperKind;
use Illuminate\Support\Facades\DB;
use Tests\Core\RandomHouse;
use Tests\Feature\Fuzz;

it('takes no file for a house that is none, and opens what it takes', function (int $from, int $to): void {
    $owner = $this->crewMember();
    $this->actingAs($owner);
    $taken = 0;
    for ($seed = $from; $seed < $to; ++$seed) {
        $json = Fuzz::file(json_encode(RandomHouse::data($seed % 40 + 1), JSON_THROW_ON_ERROR), $seed);
        $count = House::query()->count();
        $file = Illuminate\Http\UploadedFile::fake()->createWithContent('house.json', $json);
        $answer = $this->post('/houses', ['file' => $file], ['Accept' => 'application/json']);
        expect($answer->getStatusCode())->toBeLessThan(500, "seed $seed: " . substr((string) $answer->getContent(), 0, 300));
        $new = House::query()->count() - $count;
        expect($new)->toBe(
            $answer->isRedirect() && ! str_ends_with((string) $answer->headers->get('Location'), '/houses') ? 1 : 0,
            "seed $seed",
        );
        if ($new === 1) {
            ++$taken;
            $house = House::query()->latest('id')->firstOrFail();
            $papers = array_map(fn(PaperKind $kind): string => "/papers/{$kind->value}.pdf", PaperKind::cases());
            foreach (['', '/call/sheet', '/runs', '/file', '/round', '/kept', ...($seed % 40 === 0 ? $papers : [])] as $page) {
                expect($this->get("/houses/{$house->id}$page")->getStatusCode())->toBe(200, "seed $seed: $page");
            }
            $point = DB::table('points')->where('house_id', $house->id)->value('ref');
            foreach (is_string($point) && $seed % 3 === 0 ? ['box', 'measures', 'breakers', 'alternatives', 'reads'] : [] as $sheet) {
                expect(
                    $this->getJson("/houses/{$house->id}/outlets/" . rawurlencode($point) . "/$sheet")->getStatusCode(),
                )->toBe(200, "seed $seed: $sheet of $point");
            }
        }
    }
    expect($taken)->toBeGreaterThan(($to - $from) / 12);
})->with(array_map(fn(int $part): array => [$part * 250, ($part + 1) * 250], range(0, 3)));

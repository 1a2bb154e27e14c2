<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

it('says of a database that is away that nothing is lost, and when to ask again', function (string $message, bool $isAway): void {
    Route::get('/asks-the-database', fn() => throw new PDOException($message));
    $page = $this->get('/asks-the-database')->assertStatus($isAway ? 503 : 500);
    $json = $this->getJson('/asks-the-database')->assertStatus($isAway ? 503 : 500);
    if ($isAway) {
        $page->assertHeader('Retry-After', '3')->assertSee('Nothing is lost')->assertSee('http-equiv="refresh"', false);
        $json->assertHeader('Retry-After', '3')->assertJsonPath('message', 'The database is away. Nothing is lost; trying again.');
    }
})->with([
    ['SQLSTATE[HY000] [2002] Connection refused', true],
    ['SQLSTATE[HY000] [2002] No such file or directory', true],
    ['SQLSTATE[HY000]: General error: 2006 MySQL server has gone away', true],
    ['SQLSTATE[HY000]: General error: 2013 Lost connection to MySQL server during query', true],
    ['SQLSTATE[42S02]: Base table or view not found: 1146', false],
]);

it('tells by /up that the database answers', function (): void {
    $this->getJson('/up')->assertOk()->assertExactJson(['up' => true, 'database' => 'answers']);
});

it('takes for a fault what nobody asked for and is not there', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    Illuminate\Support\Facades\Route::middleware('web')->get(
        '/tried/{point}',
        fn() => throw new Bouclier\Core\House\NotThere('point', 'k99'),
    );
    $this->getJson('/tried/k99')->assertNotFound()->assertJsonPath('message', 'No point "k99" in this house.');
    $this->getJson('/tried/k1')->assertServerError();
});

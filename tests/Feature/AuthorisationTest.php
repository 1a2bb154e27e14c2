<?php

declare(strict_types=1);

use App\Models\House;
use Illuminate\Routing\Route as RouteOf;
use Illuminate\Support\Facades\Route;

/** @return list<array{string, string}> method and address of every route of ours that speaks of one house */
function houseRoutes(): array
{
    $routes = array_filter(iterator_to_array(Route::getRoutes()), fn(RouteOf $route): bool => str_contains($route->uri(), '{house}'));

    return array_values(array_map(fn(RouteOf $route): array => [$route->methods()[0], $route->uri()], $routes));
}

it('shows a house to nobody but its crew, on every route there is', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $before = $this->stored($house);
    expect(houseRoutes())->not->toBeEmpty();
    $stranger = $this->crewMember('Stray Person');
    foreach (houseRoutes() as [$method, $uri]) {
        $url = '/' . str_replace(['{house}', '{number}', '{index}', '{point}', '{page}'], [$house->id, '0', '0', 'k1', '0'], $uri);
        $body = ['revision' => 0, 'changes' => [['in' => 'house', 'set' => ['name' => 'Mine']]]];
        $this->actingAs($stranger)->json($method, $url, $body)->assertNotFound();
        $this->app['auth']->forgetGuards();
        $this->json($method, $url, $body)->assertUnauthorized();
    }
    expect($this->stored($house))->toBe($before)->and(House::query()->count())->toBe(1);
});

it('asks for a sign-in on every route but those before it', function (): void {
    $open = ['/', 'up', 'sign-in', 'register', 'forgot-password', 'reset-password', 'reset-password/{token}', 'for-you/{token}'];
    foreach (Route::getRoutes() as $route) {
        if (in_array($route->uri(), $open, true) || str_starts_with($route->uri(), 'storage/')) {
            continue;
        }
        expect(array_intersect($route->gatherMiddleware(), ['auth', 'auth:sanctum']))->not->toBeEmpty();
    }
});

it('lists only the crew\'s own houses', function (): void {
    $this->demoHouseOf($this->crewMember());
    $stranger = $this->crewMember('Stray Person');
    $this->actingAs($stranger)->get('/houses')->assertInertia(fn($page) => $page->component('houses/Index')->has('houses', 0));
});

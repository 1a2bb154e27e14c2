<?php

declare(strict_types=1);

// Run by upgrade.sh --keep: work of every kind in the demo house, so that no table of the version that is kept is empty without a reason.

use App\Models\House;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require __DIR__ . '/../../vendor/autoload.php';
// The token against forged requests belongs to a page, and there is none.
putenv('APP_ENV=testing');
$_ENV['APP_ENV'] = $_SERVER['APP_ENV'] = 'testing';
$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$app->instance('request', Request::create('/'));
$kernel->bootstrap();
// What goes wrong ends it, loudly.
restore_exception_handler();
config(['session.driver' => 'array', 'queue.default' => 'database', 'mail.default' => 'array', 'calls.think_ahead' => false]);
$user = User::query()->where('email', 'rosa@demo.example')->sole();
$house = '/houses/' . House::query()->where('crew_id', $user->crew_id)->sole()->id;
$tell = function (string $method, string $path, array $said) use ($app, $kernel, $user): void {
    $app['auth']->forgetGuards();
    $app['auth']->guard('web')->setUser($user->fresh(['crew']));
    $request = Request::create(config('app.url') . $path, $method, content: json_encode($said, JSON_THROW_ON_ERROR));
    $request->headers->set('Accept', 'application/json');
    $request->headers->set('Content-Type', 'application/json');
    $response = $kernel->handle($request);
    if ($response->getStatusCode() >= 400) {
        throw new RuntimeException("$method $path: {$response->getStatusCode()} {$response->getContent()}");
    }
};
$tell('POST', "$house/outlets/k1/notes", ['text' => 'A note', 'command' => ['id' => 'kept-0001', 'at' => gmdate('Y-m-d\TH:i:s\Z')]]);
$tell('POST', "$house/readings", ['point' => 'k1', 'between' => 'hn', 'volts' => 121]);
$tell('POST', "$house/call", ['kind' => 'trips', 'at' => 'c8', 'when' => 'with_load', 'running' => []]);
$tell('POST', "$house/undo", []);
$tell('POST', "$house/hunt", ['point' => 'k2']);
$tell('POST', '/jurisdictions', ['name' => 'Ploverton', 'edition' => 'nec-2020', 'amendments' => []]);
$tell('POST', '/instruments', ['name' => 'Second tester', 'lamps' => ['hn', 'hg', 'ng'], 'has_button' => false]);
$tell('POST', '/invitations', ['email' => 'new@crew.example', 'role' => 'electrician']);
$tell('POST', '/meter/token', ['name' => 'A meter']);
$tell('POST', "$house/papers/pages", ['days' => 30]);

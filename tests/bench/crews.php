<?php

declare(strict_types=1);

// Run by crews.sh: makes so many crews with a house each, signs one person of each in, and prints their cookies and houses.

use App\Actions\CreateHouse;
use App\Models\Crew;
use App\Models\User;
use Bouclier\Core\Exchange\HouseReader;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/houses.php';

$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
$house = (new HouseReader())->fromJson(json_encode(benchHouse(60), JSON_THROW_ON_ERROR));
$cookie = fn(string $name, string $value): string => "$name=" . urlencode($app['encrypter']->encrypt(
    CookieValuePrefix::create($name, $app['encrypter']->getKey()) . $value,
    false,
));
$name = config()->string('session.cookie');
$crews = [];
for ($number = 1; $number <= (int) $argv[1]; ++$number) {
    $crews[] = DB::transaction(function () use ($number, $app, $house, $cookie, $name): array {
        $crew = Crew::query()->create(['name' => "Crew $number"]);
        $user = User::query()->create([
            'crew_id' => $crew->id, 'name' => "Person $number", 'email' => "person-$number@crews.example", 'password' => Str::random(20),
        ]);
        // One of its own: what was saved by another is written anew.
        $session = $app['session']->forgetDrivers()->driver();
        $session->start();
        $session->put('login_web_' . sha1(SessionGuard::class), $user->id);
        $session->put('password_hash_web', $user->password);
        $session->save();
        $made = $app->make(CreateHouse::class)($crew, $house);

        return ['cookie' => $cookie($name, $session->getId()), 'token' => $session->token(), 'house' => "/houses/{$made->id}"];
    });
}
echo json_encode($crews, JSON_THROW_ON_ERROR);

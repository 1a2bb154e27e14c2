<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateHouse;
use App\Models\Crew;
use App\Models\User;
use Bouclier\Core\Exchange\HouseReader;
use Illuminate\Database\Seeder;

/** The demo crew and its house, once. Invented people, an invented street. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'rosa@demo.example';

    public const PASSWORD = 'plover-street-8';

    public function run(CreateHouse $create): void
    {
        if (User::query()->where('email', self::EMAIL)->exists()) {
            return;
        }
        $crew = Crew::query()->create(['name' => 'Tallow & Daughter']);
        User::query()->create(['crew_id' => $crew->id, 'name' => 'Rosa Tallow', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $crew->instruments()->create(['name' => 'Three-lamp tester', 'lamps' => ['hn', 'hg', 'ng'], 'has_button' => true]);
        $create($crew, (new HouseReader())->fromJson((string) file_get_contents(database_path('demo/plover-street-8.house.json'))));
    }
}

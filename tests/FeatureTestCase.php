<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\CreateHouse;
use App\Models\Crew;
use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** Tests that go through HTTP and a real MariaDB. */
abstract class FeatureTestCase extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function crewMember(string $name = 'Ada Quill'): User
    {
        $crew = Crew::query()->create(['name' => "Crew of $name"]);

        return User::query()->create(['crew_id' => $crew->id, 'name' => $name, 'email' => str_replace(' ', '.', strtolower($name)) . '@crew.example', 'password' => 'long enough words']);
    }

    public function demoHouseOf(User $user): House
    {
        return app(CreateHouse::class)($user->crew, (new HouseReader())->fromJson(self::demoJson()));
    }

    public static function demoJson(): string
    {
        return (string) file_get_contents(__DIR__ . '/../database/demo/plover-street-8.house.json');
    }

    public function stored(House $house): string
    {
        return HouseWriter::toJson(app(HouseStore::class)->load($house->fresh() ?? $house));
    }

    /** @param list<array<string, mixed>> $changes */
    public function change(House $house, int $revision, array $changes): TestResponse
    {
        return $this->postJson("/houses/{$house->id}/changes", ['revision' => $revision, 'changes' => $changes]);
    }
}

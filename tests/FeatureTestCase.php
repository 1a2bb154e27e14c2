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

        return User::query()->create([
            'crew_id' => $crew->id,
            'name' => $name,
            'email' => str_replace(' ', '.', strtolower($name)) . '@crew.example',
            'password' => 'long enough words',
        ]);
    }

    public function demoHouseOf(User $user): House
    {
        return app(CreateHouse::class)($user->crew, (new HouseReader())->fromJson(self::demoJson()));
    }

    public static function demoJson(): string
    {
        return (string) file_get_contents(__DIR__ . '/../database/demo/plover-street-8.house.json');
    }

    /**
     * Files a proof of dead at an outlet, every place of the way read.
     *
     * @param string $way as in {@see \Bouclier\Core\House\ProofWay}
     */
    public function prove(House $house, string $point, float $volts = 0.1, string $way = 'seen_live'): TestResponse
    {
        return $this->postJson("/houses/{$house->id}/proofs", $this->proofOf($house, $point, $volts, $way));
    }

    /** @return array<string, mixed> what is told where a point is proved dead */
    public function proofOf(House $house, string $point, float $volts = 0.1, string $way = 'seen_live'): array
    {
        $asked = collect($this->getJson("/houses/{$house->id}/outlets/$point/box")->json('ways'))->firstWhere('way', $way);

        return [
            'point' => $point, 'live_before' => 121, 'live_after' => 121, 'low_z' => true, 'way' => $way,
            'reference' => $asked['reference'],
            'readings' => array_map(fn(array $place): array => [...$place, 'volts' => $volts], $asked['toRead']),
        ];
    }

    /** Reads an outlet live, with its breaker on. */
    public function readLive(House $house, string $point): TestResponse
    {
        return $this->postJson(
            "/houses/{$house->id}/readings",
            ['revision' => $house->fresh()?->revision, 'point' => $point, 'half' => null, 'volts' => 121, 'between' => 'hn'],
        );
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

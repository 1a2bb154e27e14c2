<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A room or a place outdoors. Properties are as written in the file (null: not said); methods give what the format then takes. */
final readonly class Area
{
    use Recoded;
    use With;

    /**
     * @param list<Fixture>|null $fixtures
     */
    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public string $code,
        public string $name,
        public AreaKind $kind,
        public ?Grade $grade = null,
        public ?bool $finished = null,
        #[Said(Value::Many, Fixture::class)]
        public ?array $fixtures = null,
        public ?object $x = null,
    ) {
    }

    /** @return list<Fixture> */
    public function fixtures(): array
    {
        return $this->fixtures ?? [];
    }

    public function grade(): Grade
    {
        return $this->grade ?? Grade::At;
    }

    public function finished(): bool
    {
        return $this->finished ?? true;
    }

    /** @return list<Fixture> its water of one kind */
    public function fixturesOf(FixtureKind $kind): array
    {
        return array_values(array_filter($this->fixtures(), fn(Fixture $fixture): bool => $fixture->kind === $kind));
    }

    public function hasFixture(FixtureKind $kind): bool
    {
        return $this->fixturesOf($kind) !== [];
    }
}

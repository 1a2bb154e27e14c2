<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A room or a place outdoors. Properties are as written in the file (null: not said); methods give what the format then takes. */
final readonly class Area
{
    /**
     * @param list<Fixture>|null $fixtures
     */
    public function __construct(
        public string $id,
        public string $code,
        public string $name,
        public AreaKind $kind,
        public ?Grade $grade = null,
        public ?bool $finished = null,
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

    public function hasFixture(FixtureKind $kind): bool
    {
        foreach ($this->fixtures() as $fixture) {
            if ($fixture->kind === $kind) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Keyed;
use Bouclier\Core\House\Loose;

/** What an action showed, key by key; a key that is not there was not said. Which keys an action shows stands in its class. */
final readonly class Reading
{
    use Keyed;

    /** @var array<mixed> by key */
    private array $said;

    /** @param Loose|array<mixed> $said by key */
    public function __construct(Loose|array $said = [])
    {
        $this->said = $said instanceof Loose ? $said->said() : $said;
    }

    /** Whether nobody said what it showed. */
    public function isEmpty(): bool
    {
        return $this->said === [];
    }

    /** @return list<string> ids of devices and breakers that opened */
    public function tripped(): array
    {
        return $this->listed('tripped') ?? [];
    }

    /** @return array<mixed> as a house file has it */
    public function toData(): array
    {
        return $this->said;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Site;

/**
 * The circuit a room has to have for its receptacles: 20 A and for nothing else. It is the required receptacle that counts, so one such
 * circuit will do, and an extra one of 15 A, or that feeds more, is no fault.
 */
final readonly class RequiredCircuit
{
    /** @param list<CircuitOutlets> $of the circuits of the room's receptacles */
    private function __construct(private array $of)
    {
    }

    /**
     * @param \Closure(Site): bool $isOwn a receptacle of the room
     *
     * @return list<self> room by room
     */
    public static function byRoom(Context $context, \Closure $isOwn): array
    {
        $rooms = [];
        foreach (CircuitOutlets::with($context, $isOwn) as $of) {
            foreach ($of->byRoom() as $area => $inRoom) {
                $rooms[$area][] = $inRoom;
            }
        }

        return array_map(fn(array $circuits): self => new self($circuits), array_values($rooms));
    }

    /** @return list<CircuitOutlets> those of less than 20 A, where none has them */
    public function tooSmall(): array
    {
        return array_filter($this->of, fn(CircuitOutlets $of): bool => $of->circuit->amps >= 20.0) === [] ? $this->of : [];
    }

    /**
     * @param \Closure(Site): bool $isForeign what such a circuit may not feed
     *
     * @return list<array{CircuitOutlets, list<Site>}> those that feed it, where every one does
     */
    public function shared(\Closure $isForeign): array
    {
        $shared = [];
        foreach ($this->of as $of) {
            $foreign = array_values(array_filter($of->others, $isForeign));
            if ($foreign === [] && $of->circuit->amps >= 20.0) {
                return [];
            }
            if ($foreign !== []) {
                $shared[] = [$of, $foreign];
            }
        }

        return $shared;
    }
}

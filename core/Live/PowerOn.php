<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;

/**
 * What power would come to if breakers were turned on: open boxes on them, which make it live work, and those that forbid that it is
 * offered.
 */
final readonly class PowerOn
{
    /** @param list<OpenedBox> $boxes not made up */
    private function __construct(public array $boxes)
    {
    }

    /**
     * @param list<Circuit> $circuits and all they feed; a box whose breaker is not known may be on any
     * @param array<OpenedBox>|null $open boxes, where they are not as the house has them
     */
    public static function to(House $house, LiveState $state, array $circuits, ?array $open = null): self
    {
        $fed = array_map(fn(Circuit $one): string => $one->id, array_merge([], ...array_map($house->fedBy(...), $circuits)));

        return new self(array_values(array_filter($open ?? OpenBoxes::in($house), function (OpenedBox $box) use ($state, $fed): bool {
            $own = array_map(fn(Circuit $one): string => $one->id, $state->breakersOf($box->point));

            return $own === [] || array_intersect($own, $fed) !== [];
        })));
    }

    /** The first of the boxes that forbid it. */
    public function barredBy(): ?OpenedBox
    {
        return array_values(array_filter($this->boxes, fn(OpenedBox $box): bool => ! $box->state->takesPower()))[0] ?? null;
    }

    /** Whether it may be offered: not while a box on it has bare ends apart. That it was done is taken in any case. */
    public function mayBeOffered(): bool
    {
        return $this->barredBy() === null;
    }

    /** @return list<string> which box is open, and what to do there first */
    public function spoken(): array
    {
        return array_map(fn(OpenedBox $box): string => $box->spoken(), $this->boxes);
    }

    /** @return list<array{loud: bool, text: string, point: string}> what is live now and should not be; loud where bare ends hang free */
    public static function alarms(House $house, LiveState $state): array
    {
        $alarms = [];
        foreach (OpenBoxes::in($house) as $box) {
            $on = array_values(array_filter($state->breakersOf($box->point), fn(Circuit $one): bool => ! $state->isOff($one)));
            if ($on !== []) {
                $names = implode(' and ', array_map(fn(Circuit $one): string => "{$one->slot} {$one->label}", $on));
                $alarms[] = [
                    'loud' => ! $box->state->takesPower(),
                    'text' => "Breaker $names is on, and " . lcfirst($box->spoken()),
                    'point' => $box->point->id,
                ];
            }
        }

        return $alarms;
    }
}

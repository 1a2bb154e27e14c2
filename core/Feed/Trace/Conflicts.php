<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Cable;

/** Finds a smallest group of facts that contradicts: single facts, then two of them, then whatever is left when none can be spared. */
final readonly class Conflicts
{
    public function __construct(private Codes $codes)
    {
    }

    /**
     * @return non-empty-list<array{int|null, Cable|null}> facts of the part that cannot all hold; the part must contradict
     */
    public function smallest(Part $part, Facts $facts): array
    {
        $all = $facts->each();
        foreach ([false, true] as $thoroughly) {
            foreach ($all as $i => $one) {
                if (! $part->holds($facts->only([$one]), $thoroughly)) {
                    return [$one];
                }
            }
            foreach ($all as $i => $one) {
                foreach (array_slice($all, $i + 1) as $other) {
                    if (! $part->holds($facts->only([$one, $other]), $thoroughly)) {
                        return [$one, $other];
                    }
                }
            }
            if (! $part->holds($facts, $thoroughly)) {
                break;
            }
        }
        $needed = $all;
        foreach ($all as $fact) {
            $fewer = array_values(array_filter($needed, fn(array $other): bool => $other !== $fact));
            if ($fewer !== [] && ! $part->holds($facts->only($fewer), true)) {
                $needed = $fewer;
            }
        }

        return $needed === [] ? throw new \LogicException('There is no conflict without facts') : $needed;
    }

    /** @param non-empty-list<array{int|null, Cable|null}> $facts */
    public function spoken(Facts $all, array $facts): Conflict
    {
        $observations = [];
        $cables = [];
        $said = [];
        foreach ($facts as [$index, $cable]) {
            if ($index !== null) {
                $observations[] = $index;
                $said[] = $all->observations[$index]->spoken($this->codes) . '.';
            }
            if ($cable !== null) {
                $cables[] = $cable->id;
                $from = $cable->fromPoint();
                $said[] = 'A cable runs from ' . ($from === null ? 'its breaker' : $this->codes->point($from))
                    . " to {$this->codes->point($cable->to->point)}.";
            }
        }

        return new Conflict(
            $observations,
            $cables,
            implode(' ', $said) . (count($facts) === 1 ? ' That cannot be.' : ' These cannot all hold.'),
        );
    }
}

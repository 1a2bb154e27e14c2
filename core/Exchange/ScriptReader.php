<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\House\House;

/** The `faults` and `actions` of a house file, all of them or none. */
final readonly class ScriptReader
{
    /**
     * @param list<Fault> $faults
     * @param list<Action> $actions
     */
    private function __construct(
        public array $faults,
        public array $actions,
    ) {
    }

    /** @throws BadHouseFile */
    public static function of(House $house): self
    {
        $faults = FaultList::of($house);
        $actions = ActionList::of($house);
        $wrong = [...$faults->wrong, ...$actions->wrong];

        return $wrong === [] ? new self($faults->all, $actions->all) : throw new BadHouseFile($wrong);
    }
}

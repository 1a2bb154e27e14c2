<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\House;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\Actions;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\Faults;

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
        $faults = Faults::of($house);
        $actions = Actions::of($house);
        $wrong = [...$faults->wrong, ...$actions->wrong];

        return $wrong === [] ? new self($faults->all, $actions->all) : throw new BadHouseFile($wrong);
    }
}

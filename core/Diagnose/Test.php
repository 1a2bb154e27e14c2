<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Places;

/** Something done and what it showed. */
final readonly class Test
{
    private function __construct(
        public Action $action,
        public Reading $reading,
    ) {
    }

    /** What was done and what it showed, in the words of the trade. */
    public function spoken(Places $places): string
    {
        return "{$this->action->done($places)}: {$this->action->spoken($places, $this->reading)}";
    }

    /**
     * @param list<FileFault> $wrong what is wrong with them is added
     *
     * @return list<self> the tests of the call
     */
    public static function of(House $house, array &$wrong): array
    {
        return self::read($house, $house->entries->all(TestDone::class), $wrong);
    }

    /**
     * @param list<TestDone> $done
     * @param list<FileFault> $wrong what is wrong with them is added
     *
     * @return list<self>
     */
    public static function read(House $house, array $done, array &$wrong): array
    {
        $said = array_map(fn(TestDone $one): Loose => $one->action, $done);
        $actions = ActionList::read($house, $said, fn(int $number): string => "/tests/$number/action");
        array_push($wrong, ...$actions->wrong);

        return array_map(fn(Action $action, TestDone $one): self => new self($action, new Reading($one->reading)), $actions->all, $done);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
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
     * @return list<self> the `tests` of a house file
     */
    public static function of(House $house, array &$wrong): array
    {
        $section = $house->sections['tests'] ?? [];
        $entries = array_values(array_filter(is_array($section) ? $section : [], fn(mixed $entry): bool => $entry instanceof \stdClass));
        $actions = ActionList::of(
            $house->with(sections: ['actions' => array_map(fn(\stdClass $entry): mixed => $entry->action ?? null, $entries)]),
        );
        foreach ($actions->wrong as $fault) {
            $wrong[] = new FileFault((string) preg_replace('~^/actions/(\d+)~', '/tests/$1/action', $fault->pointer), $fault->message);
        }
        $tests = [];
        foreach ($actions->all as $number => $action) {
            $reading = $entries[$number]->reading ?? null;
            $tests[] = new self($action, $reading instanceof \stdClass ? Reading::fromData($reading) : new Reading());
        }

        return $tests;
    }
}

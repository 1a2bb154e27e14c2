<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** What each outlet is to have: as the file's `demand` gives it, else as the code asks or, of what is only there, advises. */
final readonly class Wanted
{
    /**
     * @param array<array<bool>> $given by point id and value of {@see Protection}; empty where nothing is given
     * @param list<string>|null $more outlets that are to have what is asked there, beside those that have it; null where all are
     * @param list<FileFault> $wrong outlets that are named and not there
     */
    private function __construct(
        private Assess $assess,
        private array $given,
        private bool $isGiven,
        private ?array $more = null,
        public array $wrong = [],
    ) {
    }

    public static function in(House $house, FeedMap $feeds): self
    {
        $given = [];
        $wrong = [];
        foreach ((array) ($house->sections['demand'] ?? []) as $id => $functions) {
            $id = (string) $id;
            if (! $house->hasPoint($id)) {
                $wrong[] = new FileFault('/demand/' . strtr($id, ['~' => '~0', '/' => '~1']), "there is no point \"$id\"");
            }
            foreach ((array) $functions as $function) {
                if (is_string($function)) {
                    $given[$id][$function] = true;
                }
            }
        }

        return new self(new Assess($house, feeds: $feeds), $given, isset($house->sections['demand']), wrong: $wrong);
    }

    /**
     * What is met as the house stands is to stay so, and what is asked at some outlets is to be met.
     *
     * @param list<string> $more ids of points
     */
    public static function standing(House $house, FeedMap $feeds, array $more): self
    {
        return new self(new Assess($house, feeds: $feeds), [], false, $more);
    }

    public function at(Point $point, Protection $function): bool
    {
        if ($this->isGiven) {
            return $this->given[$point->id][$function->value] ?? false;
        }
        $judged = $this->assess->bare($point, $function);

        return $judged->demandsFor($function) !== []
            && ($this->more === null || in_array($point->id, $this->more, true) || $judged->isSatisfied($function));
    }
}

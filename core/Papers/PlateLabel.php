<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\WalkThrough;

/** What is stuck on the plate of an outlet: its code and its breaker, and the words the code asks for there. */
final readonly class PlateLabel
{
    /**
     * @param string|null $breaker by its slot and label; null while it is not known
     * @param list<string> $words that are asked for, or are on it already
     * @param bool $isDevice whether it trips and is reset there
     */
    private function __construct(
        public Point $point,
        public ?string $breaker,
        public array $words,
        public bool $isDevice,
    ) {
    }

    /** @return list<self> in walking order */
    public static function all(House $house): array
    {
        $feeds = new FeedMap($house);
        $assess = new Assess($house, feeds: $feeds);

        return array_map(function (Point $point) use ($feeds, $assess): self {
            $circuit = $feeds->feed($point)->circuit;
            $labels = [...$point->labels(), ...$assess->labelsAsked($assess->point($point))];

            return new self(
                $point,
                $circuit === null ? null : trim("{$circuit->slot} {$circuit->label}"),
                array_values(array_unique(array_map(fn(PointLabel $label): string => $label->label(), $labels))),
                $point->device->feedsThrough(),
            );
        }, WalkThrough::of($house, fn(Point $point): bool => $point->isReceptacle() || $point->device->feedsThrough()));
    }
}

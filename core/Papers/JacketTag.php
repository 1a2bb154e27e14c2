<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WalkThrough;

/** What is written on the jacket of a cable in a box before anything is pulled loose. */
final readonly class JacketTag
{
    private function __construct(public Point $box, public string $text)
    {
    }

    /** @return list<self> box by box in walking order */
    public static function all(House $house): array
    {
        $feeds = new FeedMap($house);
        $tags = [];
        foreach (WalkThrough::of($house, fn(): bool => true) as $point) {
            foreach ((new OpenBox($house, $feeds, $point))->pairs() as $pair) {
                $text = Tag::of($feeds, $pair);
                if ($text !== null) {
                    $tags[] = new self($point, $text);
                }
            }
        }

        return $tags;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\WireNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\WhichBack;
use Bouclier\Core\Live\Asker;

/** Where a wire of a pair sat on the device that came out, or where it is put with the new one. */
final readonly class NoteWire implements Told
{
    public function __construct(
        private string $point,
        private string $pair,
        private WhichBack $back,
        private ?Land $hot,
        private ?Land $neutral,
    ) {
    }

    public static function told(Body $body): self
    {
        $hot = $body->maybeChoice('hot', Land::class);
        $neutral = $body->maybeChoice('neutral', Land::class);

        return new self(
            $body->id('point'),
            $body->text('pair', 1),
            $body->choice('back', WhichBack::class),
            $hot,
            $hot === null && $neutral === null ? $body->missing('hot') : $neutral,
        );
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point)->id;

        return $house->withEntry(new WireNoted($point, $this->pair, $this->back, $this->hot, $this->neutral, $by->now, $by->name));
    }

    public function summary(House $house): string
    {
        return $this->back === WhichBack::Old
            ? "Where pair {$this->pair} sat"
            : "Where pair {$this->pair} is put";
    }
}

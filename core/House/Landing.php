<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Where the hot and the neutral of one cable end in one box. */
final readonly class Landing
{
    public function __construct(
        public Land $hot,
        public Land $neutral,
    ) {
    }

    public static function both(Land $land): self
    {
        return new self($land, $land);
    }

    public function isLineSide(): bool
    {
        return $this->hot->isLineSide() && $this->neutral->isLineSide();
    }

    public function isLoad(): bool
    {
        return $this->hot === Land::Load && $this->neutral === Land::Load;
    }

    /** Both conductors capped: the cable ends here and carries nothing. */
    public function isCapped(): bool
    {
        return $this->hot === Land::Cap && $this->neutral === Land::Cap;
    }

    /** Hot and neutral on different sides of a feed-through device. LINE and a splice to it are one side. */
    public function isMixed(): bool
    {
        return ! $this->isLineSide() && ! $this->isLoad() && ! $this->isCapped();
    }
}

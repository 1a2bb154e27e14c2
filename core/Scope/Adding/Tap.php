<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Adding;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Scope\Bill;

/** One box, or the panel, from which a new outlet may be fed: whether it may, why not, and what it takes. */
final readonly class Tap
{
    /**
     * @param Point|null $box null for a circuit of its own from the panel
     * @param Way $way how the cable gets there
     * @param float $ft feet of new cable
     * @param list<string> $refused why it may not be tapped; none where it may
     * @param list<string> $notes what goes with it and does not forbid it
     * @param list<string> $cut what is cut, opened and pulled, in order
     * @param House $house the house with it
     * @param string $outlet id of the new outlet in it
     */
    public function __construct(
        public ?Point $box,
        public ?Circuit $circuit,
        public Way $way,
        public float $ft,
        public array $refused,
        public array $notes,
        public array $cut,
        public Bill $bill,
        public House $house,
        public string $outlet,
        public string $text,
    ) {
    }

    public function isAllowed(): bool
    {
        return $this->refused === [];
    }
}

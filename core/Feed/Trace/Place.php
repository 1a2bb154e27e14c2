<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** Where one point hangs, as far as every fitting tree agrees. */
final readonly class Place
{
    /**
     * @param list<string> $protectedBy what gives it GFCI protection, nearest first: itself, points, last a circuit
     * @param list<string> $upstream points it is certainly fed through, nearest first
     * @param bool $certain whether the cable that feeds it is certain
     */
    public function __construct(
        public string $point,
        public ?string $circuit,
        public array $protectedBy,
        public array $upstream,
        public bool $certain,
    ) {
    }
}

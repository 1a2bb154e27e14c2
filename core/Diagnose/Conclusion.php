<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\House\Entries\Circumstance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** What a call came to, as it is filed when it is closed: the cause, its place, and for what it counts, where it is settled. */
final readonly class Conclusion
{
    /** @param list<Circumstance> $circumstances what held at its place, of what may or may not have */
    public function __construct(
        public bool $settled,
        public ?string $cause = null,
        public ?Spot $at = null,
        public ?string $line = null,
        public array $circumstances = [],
    ) {
    }

    /** @param Diagnosis|null $diagnosis null where what the call is about is gone itself */
    public static function of(House $house, ?Diagnosis $diagnosis): self
    {
        if ($diagnosis === null || ! $diagnosis->settled) {
            return new self(false);
        }
        $cause = $diagnosis->causes[0]->hypothesis;

        return new self(
            true,
            (new CauseWords(new Places($house)))->name($cause),
            $cause->at,
            $cause->line(),
            $diagnosis->circumstances,
        );
    }
}

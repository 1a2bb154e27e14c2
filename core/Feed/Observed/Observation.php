<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

/** Something seen in the house that says what feeds what. Named by its place in the file's `observations`. */
interface Observation
{
    /** @return list<string> the points it speaks of */
    public function points(): array;

    /** What was seen, in a sentence: it is held beside another one when the two contradict. */
    public function spoken(Codes $codes): string;
}

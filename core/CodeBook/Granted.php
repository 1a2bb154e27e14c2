<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Something a verdict took for granted because nobody has recorded it, and what can be recorded instead. */
final readonly class Granted
{
    /**
     * @param 'points'|'areas'|'circuits' $in the list of the house file it belongs to
     * @param string $id of the part
     * @param string $field as the file names it
     * @param string $text what it was taken as, in a sentence
     * @param array<string, string|bool|float> $choices what one tap records, by its words; none where it has to be measured
     */
    public function __construct(
        public string $in,
        public string $id,
        public string $field,
        public string $text,
        public array $choices = [],
    ) {
    }
}

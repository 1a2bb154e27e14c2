<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

/** Something to be done in a house on a day. */
final readonly class Due
{
    /**
     * @param string $of what it is about, unique among its kind in the house: the id of a device, of an entry
     * @param string $on ISO 8601, a day
     * @param bool $isMonthly whether it comes again each month from then on
     * @param string $title in a few words
     * @param string $text how it is done, or why it is asked
     */
    public function __construct(
        public DueKind $kind,
        public string $of,
        public string $on,
        public bool $isMonthly,
        public string $title,
        public string $text,
    ) {
    }
}

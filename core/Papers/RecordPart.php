<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** An outlet or a protective breaker in the test record. */
final readonly class RecordPart
{
    /**
     * @param list<string> $clauses that ask for protection there
     * @param list<RecordLine> $lines none where nothing was tested
     */
    public function __construct(
        public Point|Circuit $of,
        public string $spoken,
        public string $name,
        public string $protection,
        public array $clauses,
        public array $lines,
    ) {
    }

    /** @return bool|null null where nothing was tested that passes or fails */
    public function passed(): ?bool
    {
        $judged = array_filter(array_map(fn(RecordLine $line): ?bool => $line->passed, $this->lines), is_bool(...));

        return $judged === [] ? null : ! in_array(false, $judged, true);
    }
}

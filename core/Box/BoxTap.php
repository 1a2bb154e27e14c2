<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

/** One thing of a box that is noted by a tap. */
final readonly class BoxTap
{
    /**
     * @param string $field of the box, as in the house file
     * @param list<array{string, mixed, bool|null}> $choices what it is called, what it says in the file, and whether that is well; null
     *     where it is neither
     */
    public function __construct(
        public string $field,
        public string $ask,
        public array $choices,
    ) {
    }

    /** What it says where all is well; null where nothing of it is well or not. */
    public function well(): mixed
    {
        foreach ($this->choices as [, $says, $isWell]) {
            if ($isWell === true) {
                return $says;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Edition;

/** A whole house judged by one edition. */
final readonly class Assessment
{
    /**
     * @param list<PointAssessment> $points in the order of the house
     * @param list<Finding> $findings about the house or a circuit as a whole
     */
    public function __construct(
        public Edition $edition,
        public array $points,
        public array $findings,
    ) {
    }
}

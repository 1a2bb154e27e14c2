<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** Something that cannot be done as the house stands, with what is missing for it. */
final class NotPossible extends \DomainException
{
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** The facts cannot all hold. */
final class Contradiction extends \RuntimeException
{
}

<?php

declare(strict_types=1);

namespace Bouclier\Engine;

/** What is being worked out is not wanted any more: something was told meanwhile, and whoever asked will ask anew. */
final class GaveWay extends \Exception
{
}

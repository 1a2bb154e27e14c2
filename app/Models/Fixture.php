<?php

declare(strict_types=1);

namespace App\Models;

/** Water in a room. */
final class Fixture extends HousePart
{
}

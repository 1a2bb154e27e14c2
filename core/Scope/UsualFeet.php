<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

/** Feet of cable where nobody has measured them. */
final class UsualFeet
{
    /** From the panel to the first outlet. */
    public const HOME_RUN = 45.0;

    /** From one box of a circuit to another, of which nothing is known. */
    public const BETWEEN_BOXES = 30.0;

    /** Along a wall to the next outlet. */
    public const ALONG_A_WALL = 12.0;

    /** Down one stud and up another, beside what lies between. */
    public const UP_AND_DOWN = 8.0;

    /** From a box to one behind it. */
    public const THROUGH_A_WALL = 2.0;

    /** From an outlet to where it is put instead. */
    public const TO_ANOTHER_SPOT = 10.0;

    /** Of wire to the nearest ground. */
    public const TO_A_GROUND = 25.0;
}

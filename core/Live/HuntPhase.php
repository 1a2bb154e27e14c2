<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

/** Whose turn it is in a search for a breaker. */
enum HuntPhase: string
{
    /** The one at the panel turns breakers. */
    case Flip = 'flip';

    /** The one at the outlet looks at the light. */
    case Look = 'look';

    case Found = 'found';

    /** No breaker that is listed puts the light out. */
    case None = 'none';
}

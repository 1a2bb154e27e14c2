<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What the light of a protective device means, by its maker. */
enum DeviceLight: string implements Choice
{
    /** It has none, or one that tells nothing. */
    case None = 'none';

    /** Lit while its load side is live. */
    case Power = 'power';

    /** Lit while it is tripped and its LINE is live. */
    case Tripped = 'tripped';

    /** Of two colours, or two lights. */
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::None => 'No light',
            self::Power => 'Lit while it feeds',
            self::Tripped => 'Lit while tripped',
            self::Both => 'Tells power and tripped apart',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Concerns;

use Bouclier\Core\House\Choice;

/** What comes first when there is not time for all of it. */
enum Urgency: string implements Choice
{
    /** It can shock or burn somebody as it is, whatever was allowed when it was built. */
    case Danger = 'danger';

    /** The code asks for it in the work that is done. */
    case Asked = 'asked';

    case Advice = 'advice';

    public function label(): string
    {
        return match ($this) {
            self::Danger => 'Can hurt now',
            self::Asked => 'The code asks',
            self::Advice => 'Advice',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** How an outlet stands with one kind of protection. */
enum Verdict: string
{
    case Met = 'met';
    case Missing = 'missing';

    /** Nothing is retroactively required; the edition would ask for it today. */
    case Advised = 'advised';
    case NotAsked = 'not_asked';
    case NotAskedButPresent = 'not_asked_but_present';

    /** Whether it wants protection it does not have. */
    public function isGap(): bool
    {
        return $this === self::Missing || $this === self::Advised;
    }

    public function label(): string
    {
        return match ($this) {
            self::Met => 'met',
            self::Missing => 'missing',
            self::Advised => 'advised',
            self::NotAsked => 'not asked',
            self::NotAskedButPresent => 'not asked, but there',
        };
    }
}

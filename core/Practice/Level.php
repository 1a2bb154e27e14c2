<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** How hard a case is, in three words. */
enum Level: string
{
    case Easy = 'easy';
    case Middling = 'middling';
    case Hard = 'hard';

    private const EASY_BELOW = 40.0;
    private const HARD_FROM = 150.0;

    public static function of(float $score): self
    {
        return match (true) {
            $score < self::EASY_BELOW => self::Easy,
            $score < self::HARD_FROM => self::Middling,
            default => self::Hard,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Easy => 'Easy',
            self::Middling => 'Middling',
            self::Hard => 'Hard',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** How hard a case is, in three words. */
enum Level: string
{
    case Easy = 'easy';
    case Middling = 'middling';
    case Hard = 'hard';

    /** Scores: of what is drawn of all kinds about a third lies below, and a third above (`tests/bench/practice.php solved`). */
    private const EASY_BELOW = 20.0;
    private const HARD_FROM = 90.0;

    public static function of(float $score): self
    {
        return match (true) {
            $score < self::EASY_BELOW => self::Easy,
            $score < self::HARD_FROM => self::Middling,
            default => self::Hard,
        };
    }

    /** How far a score is from being of this level: as times, nothing where it is. */
    public function farFrom(float $score): float
    {
        return match (true) {
            self::of($score) === $this => 0.0,
            $this === self::Easy => $score / self::EASY_BELOW,
            $this === self::Hard => self::HARD_FROM / max(1.0, $score),
            $score < self::EASY_BELOW => self::EASY_BELOW / max(1.0, $score),
            default => $score / self::HARD_FROM,
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

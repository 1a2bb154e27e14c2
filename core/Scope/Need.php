<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Severity;

/** How much a line of a scope is needed. */
enum Need: string
{
    case Must = 'must';
    case Should = 'should';
    case Could = 'could';

    public static function of(Severity $severity): self
    {
        return match ($severity) {
            Severity::Error => self::Must,
            Severity::Warning => self::Should,
            Severity::Advice => self::Could,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Must => 'Must',
            self::Should => 'Should',
            self::Could => 'Could',
        };
    }

    /** For a customer. */
    public function plainly(): string
    {
        return match ($this) {
            self::Must => 'What the code asks for',
            self::Should => 'What should be put right',
            self::Could => 'What could be done as well',
        };
    }

    /** Must before should before could. */
    public function order(): int
    {
        return match ($this) {
            self::Must => 0,
            self::Should => 1,
            self::Could => 2,
        };
    }
}

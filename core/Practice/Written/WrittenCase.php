<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written;

use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Sketch;

/**
 * A case that was written: a house, a call in a customer's words, and what is hidden. Each is a class in `Cases`, and a line in
 * {@see WrittenCases}.
 */
abstract readonly class WrittenCase
{
    abstract public static function title(): string;

    abstract public static function kind(): CaseKind;

    abstract public static function sketch(): Sketch;

    /** As the customer says it. */
    abstract protected static function words(): string;

    /** @return array{SymptomKind, string, SymptomWhen} what that is, where and when */
    abstract protected static function about(): array;

    /** @return list<array<string, mixed>> as in `faults` of a house file */
    public static function hidden(): array
    {
        return [];
    }

    /** @return list<string> devices that stand tripped when somebody comes */
    public static function standsOpen(): array
    {
        return [];
    }

    final public static function call(): Complaint
    {
        [$kind, $at, $when] = static::about();

        return new Complaint($kind, $at, $when, words: static::words());
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/** The words of a line as they are read, one after the other, with a look at what comes next. */
final class Words
{
    private int $at = -1;

    /** @param list<Word> $words */
    public function __construct(private readonly array $words)
    {
    }

    /** Goes on to the next word; null at the end of the line. */
    public function take(): ?Word
    {
        return $this->words[++$this->at] ?? null;
    }

    public function next(): ?Word
    {
        return $this->words[$this->at + 1] ?? null;
    }

    /** Leaves the current word unread. */
    public function back(): void
    {
        --$this->at;
    }

    public function skipFillers(): void
    {
        while ($this->next()?->is(...Shorthand::FILLERS) === true) {
            ++$this->at;
        }
    }

    /** Whether any word of the line is one of these. */
    public function has(string ...$any): bool
    {
        return array_filter($this->words, fn(Word $word): bool => $word->is(...$any)) !== [];
    }

    /** Whether a length begins at the current word: in one word, or a number with its unit in the next. */
    public function isLength(): bool
    {
        $plain = $this->current();
        $next = $this->next();

        return Length::feet($plain) !== null || (Length::number($plain) !== null && $next !== null && Length::isUnit($next->plain()));
    }

    /** Reads the length that begins at the current word, in decimal feet; {@see isLength()} has to hold. */
    public function length(): float
    {
        $plain = $this->current();
        $whole = Length::feet($plain);
        $unit = '';
        if ($whole === null) {
            $unit = $this->take()?->plain() ?? '';
            $whole = Length::of(Length::number($plain) ?? 0.0, $unit);
        }
        $feet = in_array($unit === '' ? preg_replace('/[\d.]+/', '', $plain) : $unit, ["'", 'ft', 'foot', 'feet'], true);
        $after = $this->next();
        $inches = $feet && $after !== null ? $this->inchesOf($after->plain()) : null;
        if ($inches !== null) {
            $this->take();
            $unit = $this->next();
            if ($unit !== null && Length::isUnit($unit->plain()) && Length::isInches($unit->plain())) {
                $this->take();
            }
            $whole = round($whole + $inches / 12, 4);
        }

        return $whole;
    }

    /** Inches that follow feet: `6in`, or a bare number under twelve that is no rating. */
    private function inchesOf(string $plain): ?float
    {
        if (preg_match('/^(\d{1,2}(?:\.\d{1,4})?)(?:in|inch|inches|"|\'\')$/', $plain, $m) === 1) {
            return (float) $m[1];
        }
        $number = Length::number($plain);

        return $number !== null && $number < 12 && ($number !== 10.0 || $this->isInchUnitAfterNext()) ? $number : null;
    }

    private function isInchUnitAfterNext(): bool
    {
        $after = $this->words[$this->at + 2] ?? null;

        return $after !== null && Length::isUnit($after->plain()) && Length::isInches($after->plain());
    }

    private function current(): string
    {
        return ($this->words[$this->at] ?? null)?->plain() ?? '';
    }
}

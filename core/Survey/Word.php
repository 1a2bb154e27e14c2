<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/** One word of a quick-entry line, and where it stands in it, counted in characters from 0. */
final readonly class Word
{
    public function __construct(
        public string $text,
        public int $from,
        public int $to,
        public bool $quoted = false,
    ) {
    }

    /** As it is compared: small letters. What is quoted is a name, and is no word of the shorthand. */
    public function plain(): string
    {
        return $this->quoted ? '' : mb_strtolower($this->text);
    }

    /**
     * A line in words. Quotes keep a name together; commas and semicolons only separate; typographic quotes and primes are taken as plain.
     *
     * @return list<self>
     */
    public static function of(string $line): array
    {
        $line = strtr(mb_scrub($line), ['“' => '"', '”' => '"', '„' => '"', '’' => "'", '‘' => "'", '′' => "'", '″' => "''"]);
        $words = [];
        // A quote that opens a word encloses a name; within or after a number it is inches.
        preg_match_all('/(?<=^|[\s,;])"([^"]*)"?|[^\s,;]+/u', $line, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($found as $match) {
            $from = mb_strlen(substr($line, 0, $match[0][1]));
            $to = $from + mb_strlen($match[0][0]);
            $quoted = isset($match[1]);
            $words[] = new self($quoted ? $match[1][0] : $match[0][0], $from, $to, $quoted);
        }

        return $words;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/**
 * One word of a quick-entry line, and where it stands in it, counted in characters from 0. What is one thing of several words (`sump
 * pump`) is one word. `joined`: only a comma stands between it and the word before (`K1-03,04`).
 */
final readonly class Word
{
    private const LONGEST_PHRASE = 3;

    public function __construct(
        public string $text,
        public int $from,
        public int $to,
        public bool $quoted = false,
        public bool $joined = false,
    ) {
    }

    /** As it is compared: small letters. What is quoted is a name, and is no word of the shorthand. */
    public function plain(): string
    {
        return $this->quoted ? '' : mb_strtolower($this->text);
    }

    public function is(string ...$any): bool
    {
        return in_array($this->plain(), $any, true);
    }

    /**
     * A line in words. Quotes keep a name together; commas and semicolons only separate; typographic quotes and primes are taken as plain;
     * `20A/240V` is two words.
     *
     * @return list<self>
     */
    public static function of(string $line): array
    {
        $line = strtr(mb_scrub($line), ['“' => '"', '”' => '"', '„' => '"', '’' => "'", '‘' => "'", '′' => "'", '″' => "''", '×' => 'x']);
        $words = [];
        $end = 0;
        // A quote that opens a word encloses a name; within or after a number it is inches.
        preg_match_all(
            '/(?<=^|[\s,;])"([^"]*)"?|[^\s,;]+/u',
            $line,
            $found,
            PREG_SET_ORDER | PREG_OFFSET_CAPTURE,
        );
        foreach ($found as $match) {
            $between = substr($line, $end, $match[0][1] - $end);
            $from = mb_strlen(substr($line, 0, $match[0][1]));
            $end = $match[0][1] + strlen($match[0][0]);
            $quoted = isset($match[1]);
            $text = $quoted ? $match[1][0] : $match[0][0];
            if (! $quoted && preg_match('~^(\d+(?:\.\d+)?a(?:mps?)?)/(\d+v)$~i', $text, $rating) === 1) {
                $words[] = new self($rating[1], $from, $from + strlen($rating[1]));
                $words[] = new self($rating[2], $from + strlen($rating[1]) + 1, $from + strlen($text));
                continue;
            }
            $words[] = new self($text, $from, $from + mb_strlen($match[0][0]), $quoted, $between === ',' && $words !== []);
        }

        return self::phrases($words);
    }

    /**
     * @param list<self> $words
     *
     * @return list<self> with what is one thing of several words in one
     */
    private static function phrases(array $words): array
    {
        $known = array_flip(Shorthand::phrases());
        $joined = [];
        for ($i = 0; $i < count($words); ++$i) {
            for ($n = self::LONGEST_PHRASE; $n > 1; --$n) {
                $some = array_slice($words, $i, $n);
                $said = implode(' ', array_map(fn(self $word): string => $word->plain(), $some));
                if (isset($known[$said])) {
                    $text = implode(' ', array_map(fn(self $word): string => $word->text, $some));
                    $joined[] = new self($text, $words[$i]->from, $some[count($some) - 1]->to, false, $words[$i]->joined);
                    $i += count($some) - 1;
                    continue 2;
                }
            }
            $joined[] = $words[$i];
        }

        return $joined;
    }
}

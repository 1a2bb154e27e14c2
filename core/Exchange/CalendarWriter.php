<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\House;
use Bouclier\Core\Keep\Due;

/** What is due in a house as an iCalendar file (RFC 5545): one entry of whole days for each. */
final readonly class CalendarWriter
{
    /** Octets of a line, the first of what is folded (3.1). */
    private const LINE = 75;

    /**
     * @param string $of what tells this house from others whose calendar somebody may have as well
     * @param string $today ISO 8601, a day: what is written is of then
     */
    private function __construct(private string $of, private string $today)
    {
    }

    /**
     * @param list<Due> $due
     * @param string|null $key of the house where it has one; else it goes by its name
     */
    public static function text(House $house, array $due, string $today, ?string $key = null): string
    {
        $writer = new self($key ?? substr(hash('sha256', $house->name), 0, 12), $today);
        $lines = [
            'BEGIN:VCALENDAR',
            'VERSION:2.0',
            'PRODID:-//Bouclier//Houses//EN',
            'CALSCALE:GREGORIAN',
            'METHOD:PUBLISH',
            'X-WR-CALNAME:' . self::escaped($house->name),
            ...array_merge([], ...array_map($writer->event(...), $due)),
            'END:VCALENDAR',
        ];

        return implode('', array_map(self::folded(...), $lines));
    }

    /** @return list<string> */
    private function event(Due $due): array
    {
        return [
            'BEGIN:VEVENT',
            'UID:' . self::escaped("{$due->kind->value}-{$due->of}-{$this->of}@bouclier.invalid"),
            'DTSTAMP:' . str_replace('-', '', $this->today) . 'T000000Z',
            'DTSTART;VALUE=DATE:' . str_replace('-', '', $due->on),
            ...($due->isMonthly ? ['RRULE:FREQ=MONTHLY'] : []),
            'SUMMARY:' . self::escaped($due->title),
            ...($due->text === '' ? [] : ['DESCRIPTION:' . self::escaped($due->text)]),
            'TRANSP:TRANSPARENT',
            'END:VEVENT',
        ];
    }

    /** 3.3.11: text, with what would end it written otherwise. */
    private static function escaped(string $text): string
    {
        $plain = preg_replace('/[\x00-\x09\x0b-\x1f\x7f]/', '', $text) ?? '';

        return strtr($plain, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n']);
    }

    /** A line over its length goes on in the next after a space; no character is cut in two. */
    private static function folded(string $line): string
    {
        $folded = '';
        for ($rest = $line, $space = ''; $rest !== ''; $space = ' ') {
            $part = mb_strcut($rest, 0, self::LINE - strlen($space), 'UTF-8');
            $folded .= "$space$part\r\n";
            $rest = substr($rest, strlen($part));
        }

        return $folded;
    }
}

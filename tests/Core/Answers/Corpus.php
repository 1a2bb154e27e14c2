<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use Bouclier\Core\CommandLine\CommandLine;

/**
 * Houses with the answers of all four commands to them, kept while the core is moved about: what is asked is stored and not made anew, so
 * that neither the format nor a generator that grows changes it. `freeze.php` beside it writes both.
 */
final class Corpus
{
    public const HOUSES = __DIR__ . '/houses.json.gz';

    public const DIGESTS = __DIR__ . '/digests.json';

    /** Options each house is asked with. */
    private const ASKED = [
        ['assess', '--edition', 'all'],
        ['assess', '--edition', 'all', '--as', 'new'],
        ['assess', '--edition', 'all', '--as', 'replace'],
        ['assess', '--edition', 'all', '--as', 'extend'],
        ['assess', '--edition', 'all', '--as', 'existing'],
        ['trace'],
        ['simulate', '--exact'],
        ['simulate', '--seed', '7'],
        ['diagnose'],
    ];

    /** Digits that are compared: the last ones of exp and log differ from one build of PHP to the next. */
    private const DIGITS = 9;

    /** @return array<string, string> house files by name */
    public static function houses(): array
    {
        return json_decode((string) gzdecode((string) file_get_contents(self::HOUSES)), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> what each command answers: its exit status, what it prints, what it complains about */
    public static function answers(string $json): array
    {
        $answers = [];
        foreach (self::ASKED as $words) {
            $outcome = (new CommandLine(fn(): string => $json))->run([...$words, 'house.json']);
            $answers[implode(' ', $words)] = "$outcome->status\n" . self::rounded($outcome->output) . $outcome->errors;
        }

        return $answers;
    }

    /** @return array<string, string> */
    public static function digests(string $json): array
    {
        return array_map(fn(string $answer): string => substr(hash('sha256', $answer), 0, 12), self::answers($json));
    }

    private static function rounded(string $answer): string
    {
        return (string) preg_replace_callback(
            '/(?<=[ :\[])-?\d+\.\d{6,}(?:[eE][-+]?\d+)?/',
            fn(array $number): string => sprintf('%.' . self::DIGITS . 'g', (float) $number[0]),
            $answer,
        );
    }
}

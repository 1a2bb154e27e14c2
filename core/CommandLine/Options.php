<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

use Bouclier\Core\House\Day;

/** The words of one command: what is not an option, each `--name value` or `--name=value`, and each `--name` that stands alone. */
final readonly class Options
{
    /**
     * @param list<string> $words
     * @param array<string, string> $values
     */
    private function __construct(
        public array $words,
        private array $values,
    ) {
    }

    /**
     * @param list<string> $arguments
     * @param list<string> $known option names the command takes with a value
     * @param list<string> $flags those it takes without
     *
     * @throws BadOptions
     */
    public static function of(array $arguments, array $known, array $flags = []): self
    {
        $words = [];
        $values = [];
        while (($argument = array_shift($arguments)) !== null) {
            if (! str_starts_with($argument, '--')) {
                $words[] = $argument;
                continue;
            }
            [$name, $value] = array_pad(explode('=', substr($argument, 2), 2), 2, null);
            if ($value === null && in_array($name, $flags, true)) {
                $values[$name] = '';
                continue;
            }
            if (! in_array($name, $known, true)) {
                $all = [...$known, ...$flags];
                throw new BadOptions(
                    "--$name is not an option of this command" . ($all === [] ? '' : '; it takes --' . implode(', --', $all)),
                );
            }
            $value ??= array_shift($arguments);
            $values[$name] = $value ?? throw new BadOptions("--$name needs a value");
        }

        return new self($words, $values);
    }

    /** @throws BadOptions */
    public function onlyFile(): string
    {
        if (count($this->words) !== 1) {
            throw new BadOptions($this->words === [] ? 'name the house file' : 'one house file at a time');
        }

        return $this->words[0];
    }

    /**
     * @param list<string> $allowed
     *
     * @throws BadOptions
     */
    public function oneOf(string $name, array $allowed): ?string
    {
        $value = $this->values[$name] ?? null;
        if ($value !== null && ! in_array($value, $allowed, true)) {
            throw new BadOptions("--$name must be one of " . implode(', ', $allowed) . ", not \"$value\"");
        }

        return $value;
    }

    public function has(string $flag): bool
    {
        return isset($this->values[$flag]);
    }

    /** @throws BadOptions */
    public function whole(string $name): ?int
    {
        $value = $this->values[$name] ?? null;
        if ($value !== null && preg_match('/^-?\d{1,18}$/', $value) !== 1) {
            throw new BadOptions("--$name must be a whole number, not \"$value\"");
        }

        return $value === null ? null : (int) $value;
    }

    /**
     * @return string|null ISO 8601
     *
     * @throws BadOptions
     */
    public function day(string $name): ?string
    {
        $value = $this->values[$name] ?? null;
        if ($value !== null && ! Day::isDay($value)) {
            throw new BadOptions("--$name must be a day, as in 2026-03-31, not \"$value\"");
        }

        return $value;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

/** The words of one command: what is not an option, and each `--name value` or `--name=value`. */
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
     * @param list<string> $known option names the command takes
     *
     * @throws BadOptions
     */
    public static function of(array $arguments, array $known): self
    {
        $words = [];
        $values = [];
        while (($argument = array_shift($arguments)) !== null) {
            if (! str_starts_with($argument, '--')) {
                $words[] = $argument;
                continue;
            }
            [$name, $value] = array_pad(explode('=', substr($argument, 2), 2), 2, null);
            if (! in_array($name, $known, true)) {
                throw new BadOptions("--$name is not an option of this command" . ($known === [] ? '' : '; it takes --' . implode(', --', $known)));
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
}
